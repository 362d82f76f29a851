import type { ClientFacts } from '@spalo/contract';
import { toGrams, type Unit } from '@spalo/core';
import { z } from 'zod';

/** A number typed with a point or a comma. */
const typedNumber = (message: string) =>
  z
    .string()
    .trim()
    .regex(/^\d+([.,]\d+)?$/, message)
    .transform((value) => Number(value.replace(',', '.')));

const optional = <T extends z.ZodType>(schema: T) =>
  z.union([z.literal('').transform(() => null), schema]);

/** The form for adding a client by hand, in the studio's unit; its output is what the API takes. */
export function clientForm(unit: Unit, year: number) {
  const grams = (low: number, high: number, message: string) =>
    typedNumber(`A number in ${unit}`)
      .transform((value) => toGrams(value, unit))
      .refine((value) => value >= low && value <= high, message);
  const bodyMass = unit === 'kg' ? 'Between 25 and 300 kg' : 'Between 56 and 661 lb';
  return z
    .object({
      name: z.string().trim().min(1, 'A name to call them by').max(80, 'At most 80 characters'),
      bodyMass: grams(25_000, 300_000, bodyMass),
      trainingMonths: typedNumber('Months of training, 0 when new')
        .refine((value) => Number.isInteger(value), 'Whole months')
        .refine((value) => value <= 720, 'At most 720 months'),
      sex: z.enum(['female', 'male', 'unsaid']),
      birthYear: optional(
        typedNumber('A year, or leave it empty').refine(
          (value) => Number.isInteger(value) && value >= 1900 && value <= year,
          `Between 1900 and ${year}`,
        ),
      ),
      nervous: z.boolean(),
      brief: z.string().trim().max(200, 'At most 200 characters'),
      goal: z.string().trim().max(200, 'At most 200 characters'),
      reportLift: z.string(),
      reportLoad: optional(grams(500, 1_000_000, 'Between half a kilo and 1,000 kg')),
      reportReps: optional(
        typedNumber('A number of reps').refine(
          (value) => Number.isInteger(value) && value >= 1 && value <= 50,
          'Between 1 and 50',
        ),
      ),
      reportMonths: optional(
        typedNumber('Months ago, 0 for now').refine(
          (value) => Number.isInteger(value) && value <= 600,
          'At most 600 months',
        ),
      ),
    })
    .superRefine((form, context) => {
      if (form.reportLift === '') return;
      const needed = [
        ['reportLoad', form.reportLoad, 'How heavy was it'],
        ['reportReps', form.reportReps, 'For how many reps'],
      ] as const;
      for (const [path, value, message] of needed) {
        if (value === null) context.addIssue({ code: 'custom', path: [path], message });
      }
    })
    .transform((form): ClientFacts => {
      const reported =
        form.reportLift !== '' && form.reportLoad !== null && form.reportReps !== null
          ? [
              {
                liftId: form.reportLift,
                loadG: form.reportLoad,
                reps: form.reportReps,
                monthsAgo: form.reportMonths ?? 0,
              },
            ]
          : [];
      return {
        name: form.name,
        calledName: '',
        bodyMassG: form.bodyMass,
        sex: form.sex,
        trainingMonths: form.trainingMonths,
        birthYear: form.birthYear,
        nervous: form.nervous,
        goal: form.goal,
        brief: form.brief,
        reports: reported,
      };
    });
}

export type ClientFormInput = z.input<ReturnType<typeof clientForm>>;

export const emptyClientForm: ClientFormInput = {
  name: '',
  bodyMass: '',
  trainingMonths: '',
  sex: 'unsaid',
  birthYear: '',
  nervous: false,
  brief: '',
  goal: '',
  reportLift: '',
  reportLoad: '',
  reportReps: '',
  reportMonths: '',
};
