import { z } from 'zod';
import {
  day,
  happenedOn,
  instant,
  line,
  load,
  repCount,
  slug,
  text,
  uuid,
} from '../primitives/values';
import { MAX_IMPORTED } from '../operations/record';

/** A set as another record has it; `rir` null where it does not say. */
const loggedSet = z.object({
  day: happenedOn,
  loadG: load,
  reps: repCount.min(1, 'At least one rep'),
  rir: z.int().min(0).max(10).nullable(),
  note: text(300),
});

/** The sets of a file, a client's lift together. */
export const importFacts = z
  .object({
    fileName: line(200),
    lifts: z
      .array(z.object({ clientId: uuid, liftId: slug, sets: z.array(loggedSet).min(1) }))
      .min(1, 'No set to bring in'),
  })
  .refine(({ lifts }) => lifts.reduce((sum, { sets }) => sum + sets.length, 0) <= MAX_IMPORTED, {
    message: `At most ${MAX_IMPORTED} sets in one import`,
    path: ['lifts'],
  });

/** How much of a file is new, and how much was there already: in a session, or from another import. */
export const importCount = z.object({ added: z.int(), already: z.int() });

export const importRow = z.object({
  id: uuid,
  fileName: z.string(),
  madeBy: uuid,
  madeAt: instant,
  /** Sets of the file, and those of them that it brought. */
  read: z.int(),
  brought: z.int(),
});

export const importedSet = z.object({
  id: uuid,
  importId: uuid,
  liftId: slug,
  day,
  loadG: load,
  reps: repCount,
  rir: z.int().nullable(),
  note: z.string(),
});

export type ImportFacts = z.infer<typeof importFacts>;
export type ImportRow = z.infer<typeof importRow>;
export type ImportedRow = z.infer<typeof importedSet>;
