import type { Steps } from '../../log/reduce';
import type { FlagDegree } from '../../person/degree';
import type { FlagPlace } from '../../person/person';
import type { Grams } from '../../unit/mass';
import type { Pain } from '../pain';
import { onLift, type SessionState } from '../state';
import type { DayAfter } from '../way-back';

export interface PainPayloads {
  /**
   * What is done about a flag that was raised since the session began, in a lift that loads its place: eased to a load, or
   * gone on with, for a reason.
   */
  'flag.met': {
    liftId: string;
    flagId: string;
    degree: FlagDegree;
    eased: Eased | null;
    reason: string | null;
  };
  'pain.reported': Pain & { liftId: string };
  'pain.withdrawn': { painId: string };
  /** How the joint of a lift on its way back was on the day after the session before. */
  'day-after.told': { liftId: string; how: DayAfter };
}

/** From what, and to what, a lift was eased for a place. */
export interface Eased {
  place: FlagPlace;
  fromG: Grams;
  loadG: Grams;
}

export const painSteps: Steps<SessionState, PainPayloads> = {
  'pain.reported': (state, { liftId, ...pain }, { id, at }) =>
    onLift(state, liftId, (lift) => {
      lift.pains.push({ ...pain, id, at });
    }),
  'flag.met': (state, { liftId, flagId, degree, eased }) =>
    onLift(state, liftId, (lift) => {
      lift.flagsMet = [...(lift.flagsMet ?? []), { flagId, degree }];
      if (!eased) return;
      const { place, fromG, loadG } = eased;
      const ceiling = { loadG, reason: 'flag' as const };
      lift.plan = { ...lift.plan, eased: { loadG: fromG, place }, ceiling };
    }),
  'pain.withdrawn': (state, { painId }) => {
    for (const lift of state.lifts) lift.pains = lift.pains.filter((pain) => pain.id !== painId);
  },
  'day-after.told': (state, { liftId, how }) =>
    onLift(state, liftId, (lift) => {
      lift.dayAfter = how;
    }),
};
