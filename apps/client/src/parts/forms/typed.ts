import { toGrams, writtenDay, type Unit } from '@spalo/core/unit';
import { z } from 'zod';
import { dayOrder } from '../../design/day-order';
import { NO_DAY } from '../time/day-time';

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

/** A day as people type it, not after `latest`. */
export const typedDay = (latest: string) =>
  z
    .string()
    .trim()
    .transform((value) => writtenDay(value, dayOrder, latest) ?? value)
    .pipe(z.iso.date(NO_DAY))
    .refine((value) => value >= '1900' && value <= latest, 'Not in the future, nor before 1900');

export const typedLine = (max: number) => z.string().trim().max(max, `At most ${max} characters`);
