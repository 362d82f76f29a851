import type { Operation } from './operation';

/** What sessions are planned with: bookings and rooms. */
export const studioOperations = {
  bookings: {
    method: 'get',
    path: '/bookings',
    summary: 'The bookings that start in a stretch of time of at most 400 days',
    access: 'trainer',
    forScripts: true,
  },
  putBooking: {
    method: 'put',
    path: '/bookings/:id',
    summary: 'Add a booking under an id made on the device, move it, or say what became of it',
    access: 'trainer',
  },
  putBookings: {
    method: 'put',
    path: '/bookings',
    summary:
      'Add or change up to 120 bookings at once, as a repeated booking does: all of them or none',
    access: 'trainer',
  },
  deleteBooking: {
    method: 'delete',
    path: '/bookings/:id',
    summary: 'Take away a booking that was a mistake, for which no session was held',
    access: 'trainer',
  },
  rooms: {
    method: 'get',
    path: '/rooms',
    summary: 'The rooms of the studio and their equipment',
    access: 'trainer',
    forScripts: true,
  },
  putRoom: {
    method: 'put',
    path: '/rooms/:id',
    summary: 'Add a room under an id made on the device, or replace its equipment',
    access: 'trainer',
  },
  deleteRoom: {
    method: 'delete',
    path: '/rooms/:id',
    summary: 'Take a room away; the last one stays',
    access: 'trainer',
  },
  templates: {
    method: 'get',
    path: '/templates',
    summary: 'Sessions and blocks that the studio keeps for other clients',
    access: 'trainer',
    forScripts: true,
  },
  putTemplate: {
    method: 'put',
    path: '/templates/:id',
    summary: 'Keep a session or a block under an id made on the device, or replace it',
    access: 'trainer',
  },
  deleteTemplate: {
    method: 'delete',
    path: '/templates/:id',
    summary: 'Keep it no longer',
    access: 'trainer',
  },
  ownLifts: {
    method: 'get',
    path: '/own-lifts',
    summary: 'What the studio teaches of its own: lifts, cues, checkpoints and styles',
    access: 'trainer',
    forScripts: true,
  },
  putOwnLift: {
    method: 'put',
    path: '/own-lifts/:id',
    summary: 'Add a lift under an id made on the device, or replace what is taught of one',
    access: 'trainer',
  },
  deleteOwnLift: {
    method: 'delete',
    path: '/own-lifts/:id',
    summary: 'Teach a lift as the catalogue does again; one that was added and trained stays',
    access: 'trainer',
  },
} as const satisfies Record<string, Operation>;
