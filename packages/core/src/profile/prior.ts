import type { Lift } from '../lift';
import type { Person } from '../person';
import type { LogBelief } from './log-belief';

/** Body mass that the catalogue's ratios are stated for. */
const REFERENCE_BODY_MASS_G = 75_000;

/**
 * Share of an untrained man's strength per body mass. Lower-body strength differs less between the sexes
 * than upper-body strength (Miller et al., 1993); "unsaid" stands between and is held with more doubt.
 */
const sexFactor = {
  male: { upper: 1, lower: 1 },
  female: { upper: 0.62, lower: 0.74 },
  unsaid: { upper: 0.74, lower: 0.82 },
} as const;

const PRIOR_SD = 0.35;
const PRIOR_SD_SEX_UNSAID = 0.42;

/** Gains with training: most in the first year and a half, about 45 % in all at the level coached here. */
function trainingFactor(months: number): number {
  return 1 + 0.45 * (1 - Math.exp(-months / 18));
}

/** Strength declines slowly from about 40 and faster from about 60 (Lindle et al., 1997). */
function ageFactor(years: number | null): number {
  if (years === null) return 0.95;
  const decline = 0.006 * Math.max(0, years - 40) + 0.006 * Math.max(0, years - 60);
  return Math.max(0.5, 1 - decline) * (years < 18 ? 0.85 : 1);
}

/**
 * What is believed of a lift's 1RM before any set is seen: a log-normal, meant to be low and wide.
 * Scales with body mass to the power 2/3, as muscle cross-section does (Jaric, 2002).
 */
export function priorBelief(person: Person, lift: Lift, year: number): LogBelief {
  const scaled = REFERENCE_BODY_MASS_G * Math.pow(person.bodyMassG / REFERENCE_BODY_MASS_G, 2 / 3);
  const age = person.birthYear === null ? null : year - person.birthYear;
  const mean =
    lift.priorRatio *
    scaled *
    sexFactor[person.sex][lift.region] *
    trainingFactor(person.trainingMonths) *
    ageFactor(age);
  return { mu: Math.log(mean), sd: person.sex === 'unsaid' ? PRIOR_SD_SEX_UNSAID : PRIOR_SD };
}
