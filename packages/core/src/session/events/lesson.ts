import type { Steps } from '../../log/reduce';
import { onLift, type SessionState } from '../state';

/** What was looked at before a set, and how far a first lesson came. */
export interface LessonPayloads {
  /** A checkpoint was seen to be right; `ticked: false` takes that back. */
  'point.ticked': { liftId: string; styleId: string; checkpointId: string; ticked: boolean };
  /** A step of the teaching order was done and looked right, or not yet. */
  'step.taught': { liftId: string; styleId: string; stepId: string; right: boolean };
}

export const lessonSteps: Steps<SessionState, LessonPayloads> = {
  'point.ticked': (state, { liftId, ticked, ...point }, { id }) =>
    onLift(state, liftId, (lift) => {
      const others = lift.ticked.filter(
        (each) => each.styleId !== point.styleId || each.checkpointId !== point.checkpointId,
      );
      lift.ticked = ticked ? [...others, { ...point, id }] : others;
    }),
  'step.taught': (state, { liftId, ...step }) =>
    onLift(state, liftId, (lift) => {
      lift.taught.push(step);
    }),
};
