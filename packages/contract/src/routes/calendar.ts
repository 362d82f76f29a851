import { z } from 'zod';
import { calendarOperations } from '../operations/calendar';
import { instant } from '../primitives/values';
import { done, type Route } from './route';

/** The secret address of a trainer's calendar. */
export const calendarRoutes = {
  calendarFeed: {
    ...calendarOperations.calendarFeed,
    answer: z.object({ since: instant.nullable() }),
  },
  calendarFile: { ...calendarOperations.calendarFile, answer: z.object({ ics: z.string() }) },
  makeCalendarFeed: {
    ...calendarOperations.makeCalendarFeed,
    answer: z.object({ token: z.string(), since: instant }),
  },
  endCalendarFeed: { ...calendarOperations.endCalendarFeed, answer: done },
} satisfies Record<string, Route>;
