import type { Client, ClientFacts } from '@spalo/contract';
import { emptyHistory } from '@spalo/core';

/** A client of whom next to nothing is known, for tests. */
export const facts: ClientFacts = {
  name: 'Ada',
  calledName: '',
  phone: '',
  email: '',
  birthDate: null,
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

/** The same as the server gives them. */
export const served: Client = {
  ...facts,
  id: 'a',
  trainingMonthsAt: '2026-11-01T00:00:00.000Z',
  flags: [],
  cautions: [],
  screened: false,
  measurements: [],
  history: emptyHistory,
  mine: true,
};
