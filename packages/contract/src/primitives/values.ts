import { timeOfId } from '@spalo/core/log';
import { nowMs, units } from '@spalo/core/unit';
import { z } from 'zod';
import { saySentences } from './sentences';

// What a schema does not say in its own words is a sentence all the same.
saySentences();

/** Text that PostgreSQL can hold: no NUL or other control characters, no half characters. */
export const isClean = (value: string) =>
  !/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/.test(value) &&
  !/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(value);
const UNCLEAN = 'Remove characters that cannot be shown';

/** Text of at most `max` characters, trimmed; may be empty. */
export const text = (max: number) =>
  z.string().trim().max(max, `At most ${max} characters`).refine(isClean, UNCLEAN);

/** Text of 1 to `max` characters, trimmed. */
export const line = (max: number) =>
  z
    .string()
    .trim()
    .min(1, 'Fill this in')
    .max(max, `At most ${max} characters`)
    .refine(isClean, UNCLEAN);

/** Ids are written small, as the database gives them back: one id, one text. */
export const uuid = z.uuid('Not a valid id').transform((value) => value.toLowerCase());

const DAY_MS = 24 * 3600 * 1000;
/** A device's clock may be ahead, and its day may have begun before the server's; by more, what it writes would outlast what is true. */
const aheadLimit = () => nowMs() + DAY_MS;
const AHEAD = 'More than a day ahead; look at the clock of this device';

/** The id of an event: a UUID of version 7, which says when it was made; at most a day from now. */
export const eventId = z
  .uuidv7('Event ids are UUIDs of version 7')
  .transform((value) => value.toLowerCase())
  .refine((value) => timeOfId(value) <= aheadLimit(), AHEAD);

/** An id from the catalogue. */
export const slug = z
  .string()
  .max(60)
  .regex(/^[a-z0-9-]+$/, 'Not a catalogue id');

/** ISO 8601 in UTC between the years 2000 and 2100. */
export const instant = z.iso
  .datetime({ precision: 3, error: 'Not a time in UTC with milliseconds' })
  .refine((value) => value >= '2000' && value < '2100', 'Outside the years 2000 to 2100');

/** A day as 2026-11-24, between the years 1900 and 2100. */
export const day = z.iso
  .date('A day as 2026-11-24')
  .refine((value) => value >= '1900' && value < '2100', 'Outside the years 1900 to 2100');

/** When something happened: no later than a day from now. */
export const happenedAt = instant.refine((value) => Date.parse(value) <= aheadLimit(), AHEAD);

/** A day on which something happened: no later than tomorrow. */
export const happenedOn = day.refine(
  (value) => Date.parse(value) <= aheadLimit(),
  'This day is still to come',
);

/** A lifted mass in grams: up to 1,000 kg. */
export const load = z.int().min(0).max(1_000_000);

/** A count of reps; of seconds or metres in a lift that is held or carried. */
export const repCount = z.int().min(0).max(600);

export const unit = z.enum(units);
