import { takeHomeOf, type TakeHome } from '@spalo/coaching/take-home';
import type { Account } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import type { SessionState } from '@spalo/core/session';
import { useMemo } from 'react';
import type { Again } from '../../design/NotWorkedOut';
import { useNow } from '../../design/use-now';
import type { DrawnFigure } from '../../parts/body/drawn-figure';
import { useDrawnFigure } from '../../parts/body/Figures';
import { useLesson } from '../../parts/lesson/use-lesson';
import { roomToday } from '../../parts/room/room-today';
import { useRoomChoice } from '../../parts/room/use-room';
import { draftFor, visitOf } from '../../parts/session/visit';
import { clockTime, dayBounds, shortDate } from '../../parts/time/day-time';
import { sayOf } from '../../parts/words/say-words';
import { useBookings, useClientSessions, useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { useTask } from '../../state/worker/use-task';
import type { Page } from './page';

const DAYS_AHEAD = 60;
/** Points, of a page that is printed. */
const FIGURE = { width: 160, height: 140, margin: 8 };

/** The position that a cue is about, once its lesson and what draws it are here. */
function useCueFigure(client: KnownClient, cue: TakeHome['cue']): DrawnFigure | null {
  const { lesson } = useLesson(cue?.liftId ?? '');
  const style = lesson?.styles.find(({ id }) => id === cue?.styleId);
  return useDrawnFigure(client, style, FIGURE);
}

/** Stills of a session, in the order of its lifts. */
const stillsOf = (session: SessionState) => session.lifts.flatMap(({ stills }) => stills);

/** A client's finished sessions, the latest first; undefined until they are known. */
export function useFinished(clientId: string): SessionState[] | undefined {
  const { data } = useClientSessions(clientId);
  return useMemo(() => data?.filter(({ finishedAt }) => finishedAt !== null), [data]);
}

/** When a client comes next, in words; null where nothing is booked. */
function useNextAt(client: KnownClient, { studio, trainer }: Account, now: number): string | null {
  const { zone } = studio;
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: bookings = [] } = useBookings(span.from, span.to, trainer.id);
  const next = bookings.find(
    ({ clientId, session, state = 'booked', startsAt }) =>
      clientId === client.id && !session && state === 'booked' && Date.parse(startsAt) > now,
  );
  return next
    ? `${shortDate(next.startsAt, zone, now)} at ${clockTime(next.startsAt, zone)}`
    : null;
}

/** What is drafted for a client's next time here, with its general warm-up; undefined until it is known. */
function useNextTime(client: KnownClient, account: Account) {
  const { data: rooms } = useRooms();
  const chosen = useRoomChoice(rooms);
  const room: Room | undefined = rooms && roomToday(client, rooms, chosen);
  const { unit } = account.studio;
  const draft = useMemo(() => {
    if (!room || client.past === 'coming') return undefined;
    try {
      return draftFor(client, room, unit);
    } catch {
      // Somebody who cannot be drafted for takes home what they did.
      return { lifts: [], closed: [] };
    }
  }, [client, room, unit]);
  const visit = useMemo(
    () => (room ? visitOf(client, room, account) : null),
    [client, room, account],
  );
  const { answer, again } = useTask('draft', visit);
  return { draft, drills: answer?.general.steps ?? [], again };
}

/** The page of a session, undefined until all that it is made of is known; without drills where they could not be worked out. */
export function usePage(
  client: KnownClient,
  session: SessionState,
  sessions: readonly SessionState[],
  account: Account,
): { page: Page | undefined; noDrills: Again } {
  const now = useNow(false);
  const { draft, drills, again } = useNextTime(client, account);
  const nextAt = useNextAt(client, account, now);
  const { unit, zone, name: studio } = account.studio;
  const told = useMemo(() => {
    if (!draft) return undefined;
    const before = sessions.find(({ startedAt }) => startedAt < session.startedAt);
    return takeHomeOf(session, { unit, person: client, before, next: draft.lifts, drills });
  }, [client, session, sessions, draft, drills, unit]);
  const figure = useCueFigure(client, told?.cue ?? null);
  const page = useMemo(
    () =>
      told &&
      draft && {
        ...told,
        name: client.calledName || client.name,
        studio,
        day: dayBounds(Date.parse(session.startedAt), zone).label,
        nextAt,
        words: draft.lifts
          .flatMap((lift) => sayOf(lift) ?? [])
          .map((text) => text.replace(/[“”]/g, '')),
        note: '',
        figure,
        stills: stillsOf(session).map(({ id, text }) => ({ id, text })),
      },
    [told, draft, client, session, figure, nextAt, zone, studio],
  );
  return { page, noDrills: again };
}
