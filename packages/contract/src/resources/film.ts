import { clipTypes, MOST_CLIP_BYTES } from '@spalo/core/session';
import { z } from 'zod';
import { instant, uuid } from '../primitives/values';

export const filmKinds = ['clip', 'still'] as const;
/** What files of films may be: clips, and pictures kept from them. */
export const filmTypes = [...clipTypes, 'image/jpeg'] as const;

/** A file as a device begins to send it. */
export const filmFileFacts = z
  .object({
    clientId: uuid,
    sessionId: uuid,
    kind: z.enum(filmKinds),
    type: z.enum(filmTypes),
    bytes: z.int().min(1).max(MOST_CLIP_BYTES, 'Larger than 100 MB'),
  })
  .refine(({ kind, type }) => (kind === 'still') === (type === 'image/jpeg'), {
    path: ['type'],
    message: 'A clip is a film and a still a picture',
  });

/** A file as the studio has it: whole once `received` is `bytes`. */
export const filmFile = z.object({
  id: uuid,
  kind: z.enum(filmKinds),
  type: z.enum(filmTypes),
  bytes: z.int(),
  received: z.int(),
  /** When it is taken away by the studio's rule. */
  keptUntil: instant,
});

/** How the studio keeps films. */
export const filmRules = z.object({
  /** Days that a film is kept. */
  days: z.int().min(1, 'At least a day').max(3650, 'At most ten years'),
  /** Room for all of the studio's films, MB. */
  megabytes: z.int().min(0).max(1_000_000),
});

export type FilmFile = z.infer<typeof filmFile>;
export type FilmRules = z.infer<typeof filmRules>;
