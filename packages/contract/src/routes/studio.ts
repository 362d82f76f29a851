import { z } from 'zod';
import { instant } from '../primitives';
import { booking, bookingFacts } from '../resources';
import { room, roomFacts } from '../room';
import { byId, done, type Route } from '../route';

/** What sessions are planned with: bookings and rooms. */
export const studioRoutes = {
  bookings: {
    method: 'get',
    path: '/bookings',
    summary: 'The bookings that start in a stretch of time of at most 62 days',
    access: 'trainer',
    query: z
      .object({ from: instant, to: instant })
      .refine(({ from, to }) => Date.parse(to) - Date.parse(from) <= 62 * 86_400_000, {
        path: ['to'],
        message: 'At most 62 days after from',
      }),
    answer: z.object({ bookings: z.array(booking) }),
  },
  putBooking: {
    method: 'put',
    path: '/bookings/:id',
    summary: 'Add a booking under an id made on the device, or move it',
    access: 'trainer',
    params: byId,
    body: bookingFacts,
    answer: booking,
    problems: ['not-found'],
  },
  rooms: {
    method: 'get',
    path: '/rooms',
    summary: 'The rooms of the studio and their equipment',
    access: 'trainer',
    answer: z.object({ rooms: z.array(room) }),
  },
  putRoom: {
    method: 'put',
    path: '/rooms/:id',
    summary: 'Add a room under an id made on the device, or replace its equipment',
    access: 'trainer',
    params: byId,
    body: roomFacts,
    answer: room,
  },
  deleteRoom: {
    method: 'delete',
    path: '/rooms/:id',
    summary: 'Take a room away; the last one stays',
    access: 'trainer',
    params: byId,
    answer: done,
    problems: ['not-found', 'conflict'],
  },
} satisfies Record<string, Route>;
