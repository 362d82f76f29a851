import type { Operation } from './operation';

/** Clients and everything kept about them. */
export const clientOperations = {
  clients: {
    method: 'get',
    path: '/clients',
    summary: 'All clients of the studio, without what grows with their sessions',
    access: 'trainer',
    forScripts: true,
  },
  client: {
    method: 'get',
    path: '/clients/:id',
    summary: 'One client, with what their next session is drafted from',
    access: 'trainer',
    forScripts: true,
  },
  studioLearned: {
    method: 'get',
    path: '/learned',
    summary: 'What the studio has learned from all its clients together',
    access: 'trainer',
    forScripts: true,
  },
  putClient: {
    method: 'put',
    path: '/clients/:id',
    summary: 'Add a client under an id made on the device, or replace their facts',
    access: 'trainer',
  },
  putCoaches: {
    method: 'put',
    path: '/clients/:id/coaches',
    summary: 'Say who coaches a client; their own trainers and owners only',
    access: 'trainer',
  },
  eraseClient: {
    method: 'delete',
    path: '/clients/:id',
    summary: 'Delete all personal data of a client for good; their own trainers and owners only',
    access: 'trainer',
  },
  exportClient: {
    method: 'get',
    path: '/clients/:id/export',
    summary: 'All that is kept about a client, as one document',
    access: 'trainer',
  },
  evidence: {
    method: 'get',
    path: '/clients/:id/evidence',
    summary: 'Every working set of the finished sessions of a client, oldest first',
    access: 'trainer',
    forScripts: true,
  },
  putMeasurement: {
    method: 'put',
    path: '/clients/:id/measurements/:measurementId',
    summary: 'Keep a body mass with its day; the newest becomes the client’s',
    access: 'trainer',
  },
  putFlag: {
    method: 'put',
    path: '/clients/:id/flags/:flagId',
    summary: 'Raise or change a flag of a client',
    access: 'trainer',
  },
  clientSessions: {
    method: 'get',
    path: '/clients/:id/sessions',
    summary: 'The sessions of a client, latest first, with every set and its corrections',
    access: 'trainer',
    forScripts: true,
  },
  screening: {
    method: 'get',
    path: '/clients/:id/screening',
    summary: 'Open the screening answers of a client; every opening is recorded',
    access: 'trainer',
  },
  putScreening: {
    method: 'put',
    path: '/clients/:id/screening',
    summary: 'Record the screening answers of a client',
    access: 'trainer',
  },
  screeningOpenings: {
    method: 'get',
    path: '/clients/:id/screening/openings',
    summary: 'Who opened the screening answers of a client, and when',
    access: 'trainer',
  },
} as const satisfies Record<string, Operation>;
