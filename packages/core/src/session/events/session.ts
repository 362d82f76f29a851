import type { Steps } from '../../log/reduce';
import type { DayForm } from '../../strength/day-form';
import type { Unit } from '../../unit/mass';
import type { GeneralStep } from '../../warm-up/general/general';
import type { BlockDay } from '../block-day';
import type { PlannedLift } from '../plan';
import type { SessionState } from '../state';

/** A session begins, ends, and is taken up again. */
export interface SessionPayloads {
  'session.started': {
    clientId: string;
    bookingId: string | null;
    roomId: string;
    unit: Unit;
    lifts: PlannedLift[];
    /** The general part of the warm-up; absent in sessions from before there was one. */
    general?: GeneralStep[];
    /** The day of a block that it does; absent where it does none. */
    block?: BlockDay;
  };
  'session.finished': Record<string, never>;
  'session.reopened': Record<string, never>;
  /** Another trainer has it from here on. */
  'session.handed-over': { trainerId: string };
  /** How the client says they are today. */
  'client.checked-in': { dayForm: DayForm };
}

export const sessionSteps: Steps<SessionState, SessionPayloads> = {
  // The start makes the state itself: see reduceSession.
  'session.started': () => undefined,
  'session.finished': (state, _payload, { at }) => {
    state.finishedAt = at;
  },
  'session.reopened': (state) => {
    state.finishedAt = null;
  },
  'session.handed-over': (state, { trainerId }) => {
    state.trainerId = trainerId;
  },
  'client.checked-in': (state, { dayForm }) => {
    state.dayForm = dayForm;
  },
};
