import { findLift } from '@spalo/catalog';
import type { ClientHistory } from '@spalo/core/memory';
import { studioDay } from '@spalo/core/unit';
import type { DoneSets } from '@spalo/core/builder';

/** The working sets of a client's finished sessions that began from `from` to before `to` (ISO), the earliest first. */
export function setsBetween(
  { lifts }: Pick<ClientHistory, 'lifts'>,
  from: string,
  to: string,
): DoneSets[] {
  return Object.entries(lifts)
    .flatMap(([liftId, { marked = [] }]) => {
      const lift = findLift(liftId);
      return marked
        .filter(({ at }) => lift && from <= at && at < to)
        .map(({ at, sets }) => ({ lift: lift!, sets: sets.length, day: studioDay(at), at }));
    })
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .map(({ lift, sets, day }) => ({ lift, sets, day }));
}

const DAY_MS = 24 * 3600 * 1000;
/** How far back it is looked how often somebody comes. */
const LOOK_BACK_DAYS = 28;
const USUAL = 2;
const MOST = 7;

/** Sessions a week: as the client wishes, else as they came in the last four weeks, else two. */
export function sessionsAWeek(
  {
    history,
    wishes,
  }: { history: Pick<ClientHistory, 'lifts'>; wishes?: { sessionsAWeek?: number } },
  now: string,
): number {
  if (wishes?.sessionsAWeek !== undefined) return wishes.sessionsAWeek;
  const since = new Date(Date.parse(now) - LOOK_BACK_DAYS * DAY_MS).toISOString();
  const days = new Set(
    Object.values(history.lifts).flatMap(({ marked = [] }) =>
      marked.filter(({ at }) => at >= since && at < now).map(({ at }) => studioDay(at)),
    ),
  );
  const aWeek = Math.round((days.size * 7) / LOOK_BACK_DAYS);
  return days.size === 0 ? USUAL : Math.min(MOST, Math.max(1, aWeek));
}
