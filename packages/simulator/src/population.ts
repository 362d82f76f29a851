import { familyOf, type Lift } from '@spalo/core/lift';
import type { Person, ReportedLift, Sureness } from '@spalo/core/person';
import { priorLog } from '@spalo/core/strength';
import type { Random } from './random';
import type { CurveName } from './curves';
import { trueLoad, type Lifter } from './lifter';

/** What is wrong with the catalogue and the prior in a population: drawn once, the same for all its people. */
export interface PopulationTruth {
  curve: CurveName;
  /** Log error of each lift's ratio. */
  ratioError: Record<string, number>;
  /** True exponent of body mass, and log errors of the factors of the prior. */
  massExponent: number;
  femaleUpper: number;
  femaleLower: number;
  ageSlope: number;
  /** Log error of the whole level. */
  level: number;
  /** Mean modesty of the reporters, in reps. */
  modesty: number;
  habit: Habit;
}

/** How a population's people tire, recover, grow and report: each a factor on what is usual. */
export interface Habit {
  fatigue: number;
  /** Of what other lifts' sets cost: 0 for full recovery between lifts. */
  carry: number;
  growth: number;
  /** Of the reports' errors, and reps added to the mean modesty. */
  blur: number;
  modesty: number;
}

export const usualHabit: Habit = { fatigue: 1, carry: 1, growth: 1, blur: 1, modesty: 0 };

/** Where a population differs from what the model takes for granted. */
export function populationTruth(
  curve: CurveName,
  lifts: readonly Lift[],
  random: Random,
  habit = usualHabit,
): PopulationTruth {
  return {
    curve,
    ratioError: Object.fromEntries(lifts.map((lift) => [lift.id, random.normal() * 0.05])),
    massExponent: 0.55 + random.unit() * 0.25,
    femaleUpper: random.normal() * 0.04,
    femaleLower: random.normal() * 0.04,
    ageSlope: random.normal() * 0.0015,
    level: 0.01 + random.normal() * 0.02,
    modesty: random.unit() * 1.2 + habit.modesty,
    habit,
  };
}

/** A simulated client: what Spalo is told, and what is true. */
export interface SimulatedClient {
  person: Person;
  lifter: Lifter;
}

const pick = <T>(list: readonly T[], random: Random): T =>
  list[Math.floor(random.unit() * list.length)]!;

function reportsOf(
  lifts: readonly Lift[],
  lifter: Lifter,
  trainingMonths: number,
  random: Random,
): ReportedLift[] {
  const chance = trainingMonths === 0 ? 0.35 : 0.85;
  if (random.unit() > chance) return [];
  return Array.from({ length: random.between(1, 3) }, () => {
    const lift = pick(lifts, random);
    const reps = random.between(5, 12);
    const sure = pick<Sureness>(['sure', 'about', 'guess'], random);
    const error = { sure: 0.12, about: 0.18, guess: 0.28 }[sure];
    const monthsAgo = Math.floor(random.unit() ** 2 * 24);
    const flattery = 0.03 + random.normal() * error;
    const loadG = trueLoad(lifter, lift.id, reps + 1) * Math.exp(flattery + 0.004 * monthsAgo);
    return { liftId: lift.id, loadG: Math.max(500, Math.round(loadG)), reps, monthsAgo, sure };
  });
}

/** One client of a population, on the day of `now` (ISO). */
export function simulateClient(
  truth: PopulationTruth,
  lifts: readonly Lift[],
  now: string,
  random: Random,
): SimulatedClient {
  const sex = random.unit() < 0.5 ? 'female' : 'male';
  const years = 18 + Math.floor(random.unit() ** 1.3 * 52);
  const trainingMonths = random.unit() < 0.35 ? 0 : Math.floor(random.unit() ** 2 * 48);
  const bodyMassG = Math.round(
    (sex === 'male' ? 82 : 69) * 1000 * Math.exp(random.normal() * 0.17),
  );
  const told = random.unit();
  const person: Person = {
    bodyMassG,
    sex: told < 0.06 ? 'unsaid' : sex,
    trainingMonths,
    birthDate: `${Number(now.slice(0, 4)) - years}-01-01`,
    nervous: random.unit() < 0.2,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
  const general = random.normal() * 0.21;
  const shared = new Map<string, number>();
  const part = (key: string, sd: number) => {
    const drawn = shared.get(key) ?? random.normal() * sd;
    shared.set(key, drawn);
    return drawn;
  };
  const endurance = random.normal() * 0.18;
  const oneRepMaxG: Lifter['oneRepMaxG'] = {};
  const repsAt75: Lifter['repsAt75'] = {};
  for (const lift of lifts) {
    const upper = lift.region === 'upper';
    const sexError = sex === 'female' ? (upper ? truth.femaleUpper : truth.femaleLower) : 0;
    oneRepMaxG[lift.id] = Math.exp(
      priorLog({ ...person, sex }, lift, now) +
        (truth.massExponent - 2 / 3) * Math.log(bodyMassG / 75_000) +
        truth.level +
        truth.ratioError[lift.id]! +
        sexError +
        truth.ageSlope * (years - 35) +
        general +
        part(`family ${familyOf[lift.pattern]}`, 0.105) +
        part(lift.pattern, 0.075) +
        random.normal() * 0.14,
    );
    repsAt75[lift.id] = (lift.repConstant / 3) * Math.exp(endurance + random.normal() * 0.08);
  }
  const lifter: Lifter = {
    oneRepMaxG,
    repsAt75,
    curve: truth.curve,
    weeklyGain:
      (0.001 + 0.007 * Math.exp(-trainingMonths / 10) * (0.5 + random.unit())) * truth.habit.growth,
    dayToDay: 0.02 + random.unit() * 0.02,
    // Most lose one to two reps a set; some next to nothing, some three.
    fatigue: (0.5 + random.unit() * 2.5) * truth.habit.fatigue,
    carry: random.unit() * 3 * truth.habit.carry,
    modesty: truth.modesty + random.normal() * 0.6,
    blur: (0.15 + random.unit() * 0.25) * truth.habit.blur,
    looseness: 0,
  };
  person.reports = reportsOf(lifts, lifter, trainingMonths, random);
  return { person, lifter };
}
