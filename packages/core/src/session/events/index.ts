import type { Envelope, EventsOf } from '../../log/event';
import type { Steps } from '../../log/reduce';
import type { WithdrawPayloads } from '../../log/withdraw';
import type { SessionState } from '../state';
import { cueSteps, type CuePayloads } from './cue';
import { filmSteps, type FilmPayloads } from './film';
import { lessonSteps, type LessonPayloads } from './lesson';
import { liftSteps, type LiftPayloads } from './lift';
import { noteSteps, type NotePayloads } from './note';
import { painSteps, type PainPayloads } from './pain';
import { planSteps, type PlanPayloads } from './plan';
import { sessionSteps, type SessionPayloads } from './session';
import { setSteps, type SetPayloads } from './set';
import { warmUpSteps, type WarmUpPayloads } from './warm-up';

/** Every payload of a session's log, by event type. A new event is a row here and a file beside. */
export type EventPayloads = SessionPayloads &
  LiftPayloads &
  SetPayloads &
  WarmUpPayloads &
  PainPayloads &
  PlanPayloads &
  CuePayloads &
  LessonPayloads &
  FilmPayloads &
  NotePayloads &
  WithdrawPayloads;

export type EventType = keyof EventPayloads;

/** One entry of a session's append-only log. */
export type SessionEvent = EventsOf<'session', EventPayloads>;

/** What each event does to the session. Events about something that the log does not (yet) hold change nothing. */
export const eventSteps: Steps<SessionState, EventPayloads> = {
  ...sessionSteps,
  ...liftSteps,
  ...setSteps,
  ...warmUpSteps,
  ...painSteps,
  ...planSteps,
  ...cueSteps,
  ...lessonSteps,
  ...filmSteps,
  ...noteSteps,
  // What was taken back is left out before any step is taken.
  'entries.withdrawn': () => undefined,
};

/** An entry of a session's log. */
export const sessionEvent = <T extends EventType>(
  envelope: Omit<Envelope, 'stream'>,
  type: T,
  payload: EventPayloads[T],
): SessionEvent =>
  // What the type parameter ties together, the union cannot say.
  ({ ...envelope, stream: 'session', type, payload }) as SessionEvent;
