import { z } from 'zod';
import { studioOperations } from '../operations/studio';
import { instant } from '../primitives/values';
import { booking, bookingFacts, manyBookings } from '../resources/booking';
import { ownLift, ownLiftFacts } from '../resources/own-lift';
import { room, roomFacts } from '../resources/room';
import { template, templateFacts } from '../resources/template';
import { paged } from './page';
import { byId, done, type Route } from './route';

/** What sessions are planned with: bookings and rooms. */
export const studioRoutes = {
  bookings: paged(
    {
      ...studioOperations.bookings,
      query: z
        .object({ from: instant, to: instant })
        .refine(({ from, to }) => Date.parse(to) - Date.parse(from) <= 400 * 86_400_000, {
          path: ['to'],
          message: 'At most 400 days after from',
        }),
      answer: z.object({ bookings: z.array(booking) }),
    },
    'bookings',
  ),
  putBooking: {
    ...studioOperations.putBooking,
    params: byId,
    body: bookingFacts,
    answer: booking,
    problems: ['not-found'],
  },
  putBookings: {
    ...studioOperations.putBookings,
    body: z.object({ bookings: manyBookings }),
    answer: z.object({ bookings: z.array(booking) }),
    problems: ['not-found'],
  },
  deleteBooking: {
    ...studioOperations.deleteBooking,
    params: byId,
    answer: done,
    problems: ['not-found', 'conflict'],
  },
  rooms: paged(
    {
      ...studioOperations.rooms,
      answer: z.object({ rooms: z.array(room) }),
    },
    'rooms',
  ),
  putRoom: {
    ...studioOperations.putRoom,
    params: byId,
    body: roomFacts,
    answer: room,
  },
  deleteRoom: {
    ...studioOperations.deleteRoom,
    params: byId,
    answer: done,
    problems: ['not-found', 'conflict'],
  },
  templates: paged(
    {
      ...studioOperations.templates,
      answer: z.object({ templates: z.array(template) }),
    },
    'templates',
  ),
  putTemplate: {
    ...studioOperations.putTemplate,
    params: byId,
    body: templateFacts,
    answer: template,
  },
  deleteTemplate: {
    ...studioOperations.deleteTemplate,
    params: byId,
    answer: done,
    problems: ['not-found'],
  },
  ownLifts: paged(
    {
      ...studioOperations.ownLifts,
      answer: z.object({ lifts: z.array(ownLift) }),
    },
    'lifts',
  ),
  putOwnLift: {
    ...studioOperations.putOwnLift,
    params: byId,
    body: ownLiftFacts,
    answer: ownLift,
    problems: ['conflict'],
  },
  deleteOwnLift: {
    ...studioOperations.deleteOwnLift,
    params: byId,
    answer: done,
    problems: ['not-found', 'conflict'],
  },
} satisfies Record<string, Route>;
