import type { Append } from './append';

/** What was looked at, and the steps of a first lesson. */
export const lessonActions = (append: Append) => ({
  tickPoint: (liftId: string, styleId: string, checkpointId: string, ticked: boolean) =>
    append('point.ticked', { liftId, styleId, checkpointId, ticked }),

  teachStep: (liftId: string, styleId: string, stepId: string, right: boolean) =>
    append('step.taught', { liftId, styleId, stepId, right }),
});
