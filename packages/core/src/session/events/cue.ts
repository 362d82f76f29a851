import type { Steps } from '../../log/reduce';
import type { CueOutcome } from '../../technique/cue-belief';
import type { TakenRemedy } from '../remedy';
import { countedSets, onLift, type SessionState } from '../state';

export interface CuePayloads {
  'cue.given': { liftId: string; cueId: string };
  /** Another school for a lift, with the cue that it begins with: no cue of the old one goes along. */
  'style.chosen': { liftId: string; styleId: string; cueId: string };
  /** What the focus cue did in the set after it, for the fault that it answers (null: none was marked). */
  'cue.judged': { liftId: string; cueId: string; faultId: string | null; outcome: CueOutcome };
  /** A remedy that is no cue, for a fault: it stands for the rest of the session, and in the next brief. */
  'remedy.taken': TakenRemedy & { liftId: string };
}

export const cueSteps: Steps<SessionState, CuePayloads> = {
  'cue.given': (state, { liftId, cueId }) =>
    onLift(state, liftId, (lift) => {
      lift.focusCueId = cueId;
    }),
  'style.chosen': (state, { liftId, styleId, cueId }) =>
    onLift(state, liftId, (lift) => {
      lift.plan = { ...lift.plan, styleId };
      lift.focusCueId = cueId;
    }),
  'cue.judged': (state, { liftId, ...judged }, { id }) =>
    onLift(state, liftId, (lift) => {
      // Judged again before another set, as by two thumbs: one judgement, the later one.
      const since = countedSets(lift).at(-1)?.id ?? '';
      const before = lift.judged.filter((each) => each.cueId !== judged.cueId || each.id < since);
      lift.judged = [...before, { ...judged, id }];
    }),
  'remedy.taken': (state, { liftId, ...remedy }) =>
    onLift(state, liftId, (lift) => {
      lift.remedies.push(remedy);
    }),
};
