import { filmSigns } from '@spalo/core/film/names';
import { z } from 'zod';
import { position } from '../schema/position';
import { cueKinds, faultWeights, glyphs, phases, remedyKinds, views } from '../schema/terms';

/**
 * Lessons as they are written: a folder a lift under `lessons/`, with `lesson.yaml`, a file for each style, and
 * `retired.yaml` where ids have gone. docs/lessons.md explains it to those who write them.
 */
const words = z.string().trim().min(1);

const remedy = z.union([
  z.strictObject({ cue: words }),
  ...remedyKinds.map((kind) => z.strictObject({ [kind]: words })),
]);

/** It asks to hold the breath: those who must not are told to breathe out instead. */
const holdsBreath = z.literal(true).optional();

export const styleSource = z.strictObject({
  name: words,
  suits: words,
  standard: words,
  /** How long the turn of a rep is still, seconds; missing where it need not be. */
  pause: z.number().optional(),
  /** The computed set-up that is drawn for it. */
  position: position.optional(),
  /** Words of other schools that no cue of this style may say. */
  never: z.array(words).default([]),
  /** The order for a first time, each step with what moves on to the next. */
  teach: z
    .array(
      z.strictObject({
        id: words,
        do: words,
        right: words,
        lift: words.optional(),
        drill: words.optional(),
      }),
    )
    .min(3, 'a style is taught in three to six steps')
    .max(6, 'a style is taught in three to six steps'),
  checkpoints: z.array(
    z.strictObject({
      id: words,
      phase: z.enum(phases),
      look: words.regex(/\S \S/, 'what to look at is more than one word'),
      from: z.enum(views),
      right: words,
      why: words,
      holdsBreath,
    }),
  ),
  cues: z.array(
    z.strictObject({ id: words, at: words, say: words, kind: z.enum(cueKinds), holdsBreath }),
  ),
  faults: z.array(
    z.strictObject({
      id: words,
      name: words,
      glyph: z.enum(glyphs),
      weight: z.enum(faultWeights),
      /** What a film shows of it. */
      film: z.enum(filmSigns).optional(),
      causes: z.array(z.strictObject({ cause: words, tell: words, remedies: z.array(remedy) })),
    }),
  ),
});
export type StyleSource = z.infer<typeof styleSource>;

export const lessonSource = z.strictObject({
  /** File names of the styles without their ending, the default first. */
  styles: z.array(words).min(1),
  ladder: z.array(
    z.strictObject({
      /** A lift or a drill of the catalogue, whose name the rung has. */
      lift: words.optional(),
      drill: words.optional(),
      place: z.enum(['easier', 'this', 'harder']),
      moveOn: words,
      clean: z.strictObject({ reps: z.int(), sessions: z.int() }).optional(),
    }),
  ),
  film: z.array(z.strictObject({ view: z.enum(views), shows: words })),
  cautions: z.array(words),
});

const successors = z.record(words, words).default({});
export const retiredSource = z.strictObject({
  styles: successors,
  cues: successors,
  faults: successors,
  checkpoints: successors,
});
