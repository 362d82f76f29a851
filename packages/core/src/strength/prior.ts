import type { Lift } from '../lift/lift';
import { ageOn } from '../person/age';
import type { Person } from '../person/person';
import { REFERENCE_BODY_MASS_G } from './constants';

/**
 * Share of an untrained man's strength per body mass. Lower-body strength differs less between the sexes
 * than upper-body strength (Miller and others, 1993); "unsaid" stands between and is held with more doubt.
 */
const sexFactor = {
  male: { upper: 1, lower: 1 },
  female: { upper: 0.62, lower: 0.74 },
  unsaid: { upper: 0.76, lower: 0.84 },
} as const;

/** Gains with training: most in the first year and a half, about 45 % in all at the level coached here. */
function trainingFactor(months: number): number {
  return 1 + 0.45 * (1 - Math.exp(-months / 18));
}

/** Strength declines slowly from about 40 and faster from about 60 (Lindle and others, 1997). */
function ageFactor(years: number | null): number {
  if (years === null) return 0.95;
  const decline = 0.006 * Math.max(0, years - 40) + 0.006 * Math.max(0, years - 60);
  return Math.max(0.5, 1 - decline) * (years < 18 ? 0.85 : 1);
}

/**
 * Log of the 1RM in grams that is most likely before any set is seen, on the day of `now` (ISO).
 * Scales with body mass to the power 2/3, as muscle cross-section does (Jaric, 2002).
 */
export function priorLog(person: Person, lift: Lift, now: string): number {
  const scaled = REFERENCE_BODY_MASS_G * Math.pow(person.bodyMassG / REFERENCE_BODY_MASS_G, 2 / 3);
  return Math.log(
    lift.priorRatio *
      scaled *
      sexFactor[person.sex][lift.region] *
      trainingFactor(person.trainingMonths) *
      ageFactor(ageOn(person.birthDate, now)),
  );
}
