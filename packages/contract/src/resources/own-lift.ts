import { cueKinds, phases, views, type OwnLift } from '@spalo/core/technique';
import { z } from 'zod';
import { same } from '../primitives/same';
import { line, slug, text, uuid } from '../primitives/values';

const ownCue = z.object({
  id: slug,
  /** The styles that it was written for. */
  styleIds: z.array(slug).min(1).max(20),
  checkpointId: slug,
  phase: z.enum(phases),
  text: line(60),
  kind: z.enum(cueKinds),
});
const ownCheckpoint = z.object({
  id: slug,
  styleId: slug,
  phase: z.enum(phases),
  look: line(60),
  from: z.enum(views),
  right: line(240),
  why: text(240),
});
const ownStyle = z.object({
  id: slug,
  /** The style that it is written from. */
  from: slug,
  name: line(40),
  suits: text(240),
  standard: line(240),
});

const twice = (ids: readonly string[]) => new Set(ids).size < ids.length;

/** What a studio teaches of a lift besides, or instead of, what the catalogue does; or a lift that it added. */
export const ownLiftFacts = same<Omit<OwnLift, 'id'>>()(
  z.object({
    liftId: slug,
    /** Of an added lift: its name, and the lift of the catalogue that it is most like. */
    added: z.object({ name: line(60), like: slug }).nullable(),
    styles: z.array(ownStyle).max(8),
    checkpoints: z.array(ownCheckpoint).max(40),
    cues: z.array(ownCue).max(60),
    /** Cues and checkpoints of the catalogue that are not used here, by id. */
    hidden: z.array(slug).max(200),
  }),
)
  .refine(({ added, liftId }) => added === null || liftId.startsWith('own-'), {
    path: ['liftId'],
    message: 'The id of a lift that was added begins with own-',
  })
  .refine(
    ({ cues, checkpoints, styles }) =>
      ![cues, checkpoints, styles].some((list) => twice(list.map(({ id }) => id))),
    {
      path: ['cues'],
      message: 'An id is there twice',
    },
  );

export const ownLift = ownLiftFacts.and(z.object({ id: uuid }));
export type OwnLiftFacts = z.infer<typeof ownLiftFacts>;
