import type { Steps } from '../../log/reduce';
import type { Grams } from '../../unit/mass';
import type { StepKind } from '../plan';
import { resultOnly, type SetResult } from '../set-result';
import {
  duplicatesOf,
  nextStepIndex,
  onLift,
  onSet,
  type Changed,
  type LiftState,
  type SessionState,
} from '../state';

/** What was done, corrected, taken back, and how far it may be believed. */
export interface SetPayloads {
  'set.logged': SetResult & {
    liftId: string;
    step: number;
    kind: StepKind;
    proposed: { loadG: Grams; reps: number };
  };
  'set.corrected': SetResult & { setId: string };
  /** `voided: false` brings the set back. */
  'set.voided': { setId: string; voided: boolean };
  /** Whether a set says what the client can do; one that does not is kept and left out of the belief. */
  'set.judged': { setId: string; representative: boolean; reason: string | null };
  /** A set that was taken for another's duplicate was one of its own: it is the next of its lift. */
  'set.told-apart': { setId: string };
}

/** A decision that stands on a set which has changed is to be taken again. */
function changes({ answer }: LiftState, kind: StepKind, how: Changed): void {
  if (answer && kind === 'working') answer.changed = how;
}

export const setSteps: Steps<SessionState, SetPayloads> = {
  'set.logged': (state, payload, { id, at, author }) =>
    onLift(state, payload.liftId, (lift) => {
      const { step, kind, proposed } = payload;
      const set = { ...resultOnly(payload), id, at, author, step, kind, proposed };
      lift.sets.push({ ...set, corrections: [], voided: false, representative: true });
    }),
  'set.corrected': (state, payload, { id, at, author }) =>
    onSet(state, payload.setId, (set, lift) => {
      changes(lift, set.kind, 'corrected');
      set.corrections.push({ eventId: id, at, author, before: resultOnly(set) });
      Object.assign(set, resultOnly(payload));
    }),
  'set.voided': (state, { setId, voided }) =>
    onSet(state, setId, (set, lift) => {
      changes(lift, set.kind, 'left out');
      set.voided = voided;
    }),
  'set.judged': (state, { setId, representative }) =>
    onSet(state, setId, (set, lift) => {
      changes(lift, set.kind, 'left out');
      set.representative = representative;
    }),
  'set.told-apart': (state, { setId }) =>
    onSet(state, setId, (set, lift) => {
      if (!duplicatesOf(lift).includes(set)) return;
      const { kind, loadG, reps } = set;
      changes(lift, kind, 'corrected');
      set.step = nextStepIndex(lift);
      if (set.step >= lift.steps.length) {
        lift.steps = [
          ...lift.steps,
          { kind, loadG, reps, purpose: '', restS: lift.steps.at(-1)?.restS ?? 0 },
        ];
      }
    }),
};
