import type { Operation } from './operation';

/** A trainer's calendar as other programs follow it. The calendar itself is at `/calendar/<token>.ics`. */
export const calendarOperations = {
  calendarFeed: {
    method: 'get',
    path: '/calendar-feed',
    summary: 'Since when the signed-in trainer’s calendar has a secret address',
    access: 'trainer',
  },
  calendarFile: {
    method: 'get',
    path: '/calendar-file',
    summary: 'The signed-in trainer’s bookings as a calendar file (RFC 5545)',
    access: 'trainer',
    forScripts: true,
  },
  makeCalendarFeed: {
    method: 'post',
    path: '/calendar-feed',
    summary: 'Give the calendar a secret address, shown once; an earlier one ends',
    access: 'trainer',
  },
  endCalendarFeed: {
    method: 'delete',
    path: '/calendar-feed',
    summary: 'End the secret address',
    access: 'trainer',
  },
} as const satisfies Record<string, Operation>;
