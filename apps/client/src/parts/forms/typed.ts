import { toGrams, type Unit } from '@spalo/core';
import { z } from 'zod';

/** A number typed with a point or a comma. */
export const typedNumber = (message: string) =>
  z
    .string()
    .trim()
    .regex(/^\d+([.,]\d+)?$/, message)
    .transform((value) => Number(value.replace(',', '.')));

/** A whole number between two others. */
export const typedCount = (low: number, high: number, message: string) =>
  typedNumber(message).refine(
    (value) => Number.isInteger(value) && value >= low && value <= high,
    message,
  );

/** An empty field is null. */
export const optional = <T extends z.ZodType>(schema: T) =>
  z.union([z.literal('').transform(() => null), schema]);

/** A mass typed in `unit`, as grams within bounds. */
export const typedGrams = (unit: Unit, low: number, high: number, message: string) =>
  typedNumber(`A number in ${unit}`)
    .transform((value) => toGrams(value, unit))
    .refine((value) => value >= low && value <= high, message);

/** A day typed as 1990-05-31 or 19900531, not after `latest`. */
export const typedDay = (latest: string) =>
  z
    .string()
    .trim()
    .transform((value) => value.replace(/^(\d{4})(\d{2})(\d{2})$/, '$1-$2-$3'))
    .pipe(z.iso.date('A day as 1990-05-31'))
    .refine((value) => value >= '1900' && value <= latest, 'Not in the future, nor before 1900');

export const typedLine = (max: number) => z.string().trim().max(max, `At most ${max} characters`);
