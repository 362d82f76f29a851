import { filmSigns } from '@spalo/core/film/names';
import { z } from 'zod';
import { position } from './position';
import { cueKinds, faultWeights, glyphs, phases, remedyKinds, views } from './terms';

const id = z.string().regex(/^[a-z0-9-]+$/, 'Lower-case words with hyphens between');
const text = z.string().min(2).max(240);

/** It asks to hold the breath: those who must not are told to breathe out instead. */
const holdsBreath = z.literal(true).optional();

const checkpointSchema = z.object({
  id,
  phase: z.enum(phases),
  /** What to inspect. */
  look: z.string().min(2).max(60),
  from: z.enum(views),
  /** What right looks like. */
  right: text,
  why: text,
  holdsBreath,
});

const cueSchema = z.object({
  id,
  checkpointId: id,
  text: z.string().min(2).max(60),
  kind: z.enum(cueKinds),
  holdsBreath,
});

const remedySchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cue'), cueId: id }),
  z.object({ kind: z.enum(remedyKinds), text }),
]);

const faultSchema = z.object({
  id,
  /** The sign, as it is seen. */
  name: z.string().min(2).max(48),
  glyph: z.enum(glyphs),
  /** Safety stops the set, major makes the rep not clean, minor is noted. */
  weight: z.enum(faultWeights),
  /** What the path or the points of a film show of it; absent where a film shows nothing of it by itself. */
  film: z.enum(filmSigns).optional(),
  /** Likely causes in order, how to tell them apart, and what helps. */
  causes: z
    .array(z.object({ cause: text, tell: text, remedies: z.array(remedySchema).min(1) }))
    .min(1),
});

const teachStepSchema = z.object({
  id,
  /** What the client does. */
  do: text,
  /** What it looks like when the next step may come. */
  right: text,
  /** The lift or drill of the catalogue that the step is, where it is one. */
  liftId: id.nullable(),
  drillId: id.nullable(),
});

const styleSchema = z.object({
  id,
  name: z.string().min(2).max(40),
  suits: text,
  /** What makes a rep clean. */
  standard: text,
  /** How long the turn of a rep is still, seconds; absent where it need not be. */
  pause: z.number().min(0.2).max(5).optional(),
  /** The computed set-up that is drawn for it; absent where none is. */
  position: position.optional(),
  /** The order in which a first-timer is taught, up to the first light set. */
  teach: z.array(teachStepSchema).min(1),
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
      /** The rung is a lift of the catalogue, or a drill of the warm-up. */
      liftId: id.nullable(),
      drillId: id.nullable(),
      /** What must be clean to move on from here. */
      moveOn: text,
      /** The same as figures, checked on real sets: clean reps in one set, in so many sessions; null where only words say it. */
      clean: z.object({ reps: z.int().min(1), sessions: z.int().min(1) }).nullable(),
    }),
  ),
  film: z.array(z.object({ view: z.enum(views), shows: text })).min(1),
  cautions: z.array(text),
});

export type Cue = z.infer<typeof cueSchema>;
export type Remedy = z.infer<typeof remedySchema>;
export type Fault = z.infer<typeof faultSchema>;
export type TeachStep = z.infer<typeof teachStepSchema>;
export type Style = z.infer<typeof styleSchema>;
export type Lesson = z.infer<typeof lessonSchema>;
