import type { Client, ClientFacts, ListedClient } from '@spalo/contract';
import { emptyHistory } from '@spalo/core/memory';

/** A client of whom next to nothing is known, for tests. */
export const facts: ClientFacts = {
  name: 'Ada',
  calledName: '',
  phone: '',
  email: '',
  birthDate: '1990-05-01',
  bodyMassG: 70_000,
  heightMm: null,
  sex: 'unsaid',
  trainingMonths: 0,
  nervous: false,
  preference: 'none',
  goal: '',
  availability: '',
  brief: '',
  emergencyContact: '',
  consentAt: null,
  squatLook: null,
  stiff: [],
  segments: null,
  reports: [],
  programme: [],
  overrides: [],
  archivedAt: null,
};

/** The same as the server lists them. */
export const listed: ListedClient = {
  ...facts,
  id: 'a',
  trainingMonthsAt: '2026-11-01T00:00:00.000Z',
  flags: [],
  cautions: [],
  screened: false,
  measuredOn: null,
  lastSessionAt: null,
  mark: '1.1',
  mine: true,
};

/** The same with their past, which is none. */
export const served: Client = { ...listed, history: emptyHistory, measurements: [] };
