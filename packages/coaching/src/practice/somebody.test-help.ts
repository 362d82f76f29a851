import type { Person } from '@spalo/core/person';

/** Somebody of whom nothing limits what they lift. */
export const somebody: Person = {
  bodyMassG: 70_000,
  sex: 'female',
  trainingMonths: 0,
  birthDate: '1990-01-01',
  nervous: false,
  preference: 'none',
  flags: [],
  reports: [],
  cautions: [],
  overrides: [],
};
