import { z } from 'zod';
import { instantOf } from '../../parts/time/day-time';

/** A day and a time in the studio's zone. */
export const bookingForm = (zone: string) =>
  z
    .object({ day: z.string(), time: z.string(), minutes: z.string() })
    .superRefine(({ day, time, minutes }, context) => {
      const issue = (path: string, message: string) =>
        context.addIssue({ code: 'custom', path: [path], message });
      if (!instantOf(day, '12:00', zone)) issue('day', 'A day as 2026-11-24');
      if (!instantOf('2026-01-01', time, zone)) issue('time', 'A time as 09:30');
      const length = Number(minutes);
      if (!Number.isInteger(length) || length < 10 || length > 240)
        issue('minutes', 'Between 10 and 240');
    })
    .transform(({ day, time, minutes }) => ({
      startsAt: instantOf(day, time, zone)!,
      minutes: Number(minutes),
    }));
