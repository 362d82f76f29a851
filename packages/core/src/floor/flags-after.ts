import { studioDay } from '../unit/days';
import { stopFor, redPlaceOf } from './pain-stop';
import {
  coversDegree,
  degreeOf,
  degreeOfPain,
  sameSpot,
  strongerDegree,
} from '../person/flag-degree';
import { openFlags, type Flag, type FlagPlace } from '../person/person';
import type { PainReport, SessionState } from '../session/state';

/** A flag as what was felt in a session makes it: a new one, or an open one at the degree that it has come to. */
export interface RaisedFlag {
  flag: Omit<Flag, 'id'> & { id: string | null };
  report: PainReport;
}

/** The flag that a report is of: of the same spot, before one that only may be. */
function flagOf<T extends Pick<Flag, 'place' | 'side'>>(
  report: PainReport,
  flags: readonly T[],
): T | undefined {
  const spot = { ...report, place: report.place as FlagPlace };
  const same = flags.filter((flag) => sameSpot(flag, spot));
  return same.find(({ side }) => side === report.side) ?? same[0];
}

/**
 * The flags that what was felt in a session raises or moves, one a spot, by its strongest report. Only what stopped a lift
 * counts; red flags are raised at once, where they are reported. Worked out from the whole session, whatever the order of
 * its lifts.
 */
export function flagsRaised(
  session: Pick<SessionState, 'lifts' | 'startedAt'>,
  flags: readonly Flag[],
): RaisedFlag[] {
  const day = studioDay(session.startedAt);
  const open = openFlags({ flags });
  const raised: RaisedFlag[] = [];
  const reports = session.lifts.flatMap(({ pains }) => pains);
  for (const report of reports) {
    if (redPlaceOf(report) !== null) continue;
    const before = flagOf(report, open);
    if (!stopFor(report, before?.usualPain ?? 0)) continue;
    const said = degreeOfPain(report);
    const place = report.place as FlagPlace;
    const known = raised.find(({ flag }) => flag.place === place && flag.side === report.side);
    const from: RaisedFlag['flag'] = known?.flag ??
      before ?? {
        id: null,
        place,
        side: report.side,
        note: '',
        fine: '',
        since: day,
        saidBy: 'felt in a session',
        state: 'new',
        usualPain: 0,
        degree: said,
      };
    const degree = strongerDegree(degreeOf(from), said);
    const closes = degree === 'closed' && from.closedOn === undefined && from.degree !== undefined;
    const flag = {
      ...from,
      ...(from.degree !== undefined && { degree }),
      worst: Math.max(from.worst ?? 0, report.score),
      ...(closes && { closedOn: day }),
    };
    if (known) Object.assign(known, { flag });
    else raised.push({ flag, report });
  }
  return raised.filter(({ flag }) => isNews(flag, open));
}

/** Whether a flag says more than it did before. */
function isNews(flag: RaisedFlag['flag'], open: readonly Flag[]): boolean {
  const before = open.find(({ id }) => id === flag.id);
  return (
    !before ||
    !coversDegree(degreeOf(before), degreeOf(flag)) ||
    (flag.worst ?? 0) > (before.worst ?? 0)
  );
}

/** A client's flags with what a session raised; what is new has no id of its own yet. */
export function flagsAfter(
  session: Pick<SessionState, 'lifts' | 'startedAt'>,
  flags: readonly Flag[],
): Flag[] {
  const raised = flagsRaised(session, flags).map(({ flag }, at) => ({
    ...flag,
    id: flag.id ?? `raised-${at}`,
  }));
  const ids = new Set(raised.map(({ id }) => id));
  return [...flags.filter(({ id }) => !ids.has(id)), ...raised];
}
