import type { LessonPayloads } from '@spalo/core/session';
import { z } from 'zod';
import { same } from '../primitives/same';
import { slug } from '../primitives/values';

export const lessonPayloads = {
  'point.ticked': same<LessonPayloads['point.ticked']>()(
    z.object({ liftId: slug, styleId: slug, checkpointId: slug, ticked: z.boolean() }),
  ),
  'step.taught': same<LessonPayloads['step.taught']>()(
    z.object({ liftId: slug, styleId: slug, stepId: slug, right: z.boolean() }),
  ),
};
