import type { Joint, Lift } from '@spalo/core';
import { z } from 'zod';

/** The parts of a rep and of what surrounds it, in order. */
export const phases = [
  'place and equipment',
  'set-up',
  'brace',
  'start',
  'way down',
  'bottom',
  'way up',
  'finish',
  'put back',
] as const;

export const views = ['front', 'side', 'behind', 'rear corner'] as const;

const id = z.string().regex(/^[a-z0-9-]+$/);
const text = z.string().min(2).max(240);

export const checkpointSchema = z.object({
  id,
  phase: z.enum(phases),
  /** What to inspect. */
  look: z.string().min(2).max(60),
  from: z.enum(views),
  /** What right looks like. */
  right: text,
  why: text,
});

export const cueSchema = z.object({
  id,
  checkpointId: id,
  text: z.string().min(2).max(60),
  kind: z.enum(['outside', 'body', 'touch', 'picture']),
});

export const remedySchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cue'), cueId: id }),
  z.object({
    kind: z.enum(['set-up', 'regression', 'less load', 'corrective']),
    text,
  }),
]);

/** Shapes that mark a fault on the rep rail; never colour alone. */
export const glyphs = [
  'in',
  'out',
  'forward',
  'back',
  'up',
  'down',
  'bend',
  'twist',
  'short',
  'fast',
] as const;

export const faultSchema = z.object({
  id,
  /** The sign, as it is seen. */
  name: z.string().min(2).max(48),
  glyph: z.enum(glyphs),
  /** Safety stops the set, major makes the rep not clean, minor is noted. */
  weight: z.enum(['safety', 'major', 'minor']),
  /** Likely causes in order, how to tell them apart, and what helps. */
  causes: z
    .array(z.object({ cause: text, tell: text, remedies: z.array(remedySchema).min(1) }))
    .min(1),
});

export const styleSchema = z.object({
  id,
  name: z.string().min(2).max(40),
  suits: text,
  /** What makes a rep clean. */
  standard: text,
  checkpoints: z.array(checkpointSchema).min(5),
  cues: z.array(cueSchema).min(3),
  faults: z.array(faultSchema).min(3),
});

export const lessonSchema = z.object({
  liftId: id,
  styles: z.array(styleSchema).min(1),
  ladder: z.array(
    z.object({
      name: z.string().min(2).max(60),
      place: z.enum(['easier', 'this', 'harder']),
      /** What must be clean to move on from here. */
      moveOn: text,
    }),
  ),
  film: z.array(z.object({ view: z.enum(views), shows: text })).min(1),
  cautions: z.array(text),
});

export type Phase = (typeof phases)[number];
export type View = (typeof views)[number];
export type Glyph = (typeof glyphs)[number];
export type Checkpoint = z.infer<typeof checkpointSchema>;
export type Cue = z.infer<typeof cueSchema>;
export type Remedy = z.infer<typeof remedySchema>;
export type Fault = z.infer<typeof faultSchema>;
export type Style = z.infer<typeof styleSchema>;
export type Lesson = z.infer<typeof lessonSchema>;

/** A lift with all that is taught about it. */
export interface CatalogueLift extends Lift {
  lesson: Lesson;
}

export const joints: readonly Joint[] = [
  'ankle',
  'knee',
  'hip',
  'low back',
  'upper back',
  'neck',
  'shoulder',
  'elbow',
  'wrist',
];
