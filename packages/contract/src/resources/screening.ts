import { z } from 'zod';
import { happenedOn, instant, slug, text, uuid } from '../primitives/values';

/** Yes or no to each screening question, with what was added in words and who cleared it. */
export const screening = z.object({
  answers: z.record(
    slug,
    z
      .object({
        yes: z.boolean(),
        note: text(300),
        clearedBy: text(200),
        clearedOn: happenedOn.nullable(),
      })
      .refine((answer) => (answer.clearedBy === '') === (answer.clearedOn === null), {
        path: ['clearedBy'],
        message: 'Clearance needs who gave it and the day',
      }),
  ),
  answeredAt: instant.nullable(),
});
export const screeningFacts = z.object({
  answers: screening.shape.answers.refine(
    (answers) => Object.keys(answers).length <= 40,
    'Too many answers',
  ),
});
export const screeningOpening = z.object({
  at: instant,
  trainerId: uuid,
  trainerName: z.string(),
  allowed: z.boolean(),
});

export type Screening = z.infer<typeof screening>;
export type ScreeningOpening = z.infer<typeof screeningOpening>;
