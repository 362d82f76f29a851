import { familyOf, type Lift } from '@spalo/core/lift';
import type { Person } from '@spalo/core/person';
import {
  estimatedOneRepMax,
  loadForReps,
  readStrength,
  REFERENCE_BODY_MASS_G,
  startingBelief,
  liftOffs,
  studioRatios,
  takeSets,
  type Belief,
  type LiftOffs,
  type PastSet,
  type StrengthProfile,
  type StudioRatios,
} from '@spalo/core/strength';
import type { Random } from './random';
import type { CurveName } from './curves';
import { simulateSet, trueLoad, type Lifter } from './lifter';
import { populationTruth, simulateClient } from './population';

/** What is asked of: a brand-new client, a lift not done yet while others are, a lift done before. */
export const cases = ['new client', 'new lift', 'known lift'] as const;
export type AccuracyCase = (typeof cases)[number];

/** One question put to the model and to today's ways. Errors are |ln(said / true)|. */
export interface Verdict {
  case: AccuracyCase;
  ours: number;
  /** ln(said / true): above zero is too heavy. */
  signed: number;
  /** Today's ways: formulas on the last set where the lift is known, ratios elsewhere. */
  epley: number | null;
  brzycki: number | null;
  ratio: number | null;
  /** The 80 % interval holds the true load. */
  held: boolean;
  /** The first load as suggested, before it is snapped down, is above what can be lifted for the asked reps. */
  tooHeavy: boolean;
  /** ln(first load / true load for the reps and reserve), as suggested and as a usual step lets it be loaded. */
  startOff: number;
  loadedOff: number;
}

const brzyckiMax = (loadG: number, reps: number) => (loadG * 36) / Math.max(1, 37 - reps);
const brzyckiLoad = (oneRepMaxG: number, reps: number) =>
  (oneRepMaxG * Math.max(1, 37 - reps)) / 36;

/** 1RM by the plain table: ratio × body mass, with one factor for women. */
function tableMax(person: Person, lift: Lift): number {
  const { bodyMassG, sex } = person;
  const factor = sex === 'male' ? 1 : sex === 'female' ? 0.68 : 0.8;
  return (
    lift.priorRatio *
    Math.pow(bodyMassG / REFERENCE_BODY_MASS_G, 2 / 3) *
    REFERENCE_BODY_MASS_G *
    factor
  );
}

interface Asked {
  lift: Lift;
  reps: number;
  rir: number;
}

function judge(
  which: AccuracyCase,
  profile: StrengthProfile,
  lifter: Lifter,
  { lift, reps, rir }: Asked,
  today: Pick<Verdict, 'epley' | 'brzycki' | 'ratio'>,
): Verdict {
  const truth = trueLoad(lifter, lift.id, reps + rir);
  const capacity = trueLoad(lifter, lift.id, reps);
  const answer = profile.loadFor(lift, reps, rir);
  const loaded = Math.floor(answer.start / lift.stepG) * lift.stepG;
  const off = (said: number | null) => (said === null ? null : Math.abs(Math.log(said / truth)));
  return {
    case: which,
    ours: off(answer.mean)!,
    signed: Math.log(answer.mean / truth),
    epley: off(today.epley),
    brzycki: off(today.brzycki),
    ratio: off(today.ratio),
    held: answer.low <= truth && truth <= answer.high,
    tooHeavy: answer.start > capacity,
    startOff: Math.log(answer.start / truth),
    loadedOff: Math.log(Math.max(loaded, 1) / truth),
  };
}

const shuffled = <T>(list: readonly T[], random: Random): T[] =>
  list
    .map((each) => ({ each, key: random.unit() }))
    .sort((a, b) => a.key - b.key)
    .map(({ each }) => each);

const DAY_MS = 24 * 3600 * 1000;
const KNOWN_LIFTS = 6;
const ASKED_LIFTS = 6;
/** Reserve that a first exposure asks for. */
const FIRST_RIR = 3;

/** A client who trains for some weeks with loads by the model, and the questions put along the way. */
function follow(
  person: Person,
  lifter: Lifter,
  lifts: readonly Lift[],
  startMs: number,
  random: Random,
  ratios: StudioRatios,
): { verdicts: Verdict[]; belief: Belief } {
  const iso = (ms: number) => new Date(ms).toISOString();
  const mixed = shuffled(lifts, random);
  // A programme covers the families before it doubles one.
  const first = mixed.filter(
    (lift, at) =>
      at === mixed.findIndex((other) => familyOf[other.pattern] === familyOf[lift.pattern]),
  );
  const known = [...first, ...mixed.filter((lift) => !first.includes(lift))].slice(0, KNOWN_LIFTS);
  const others = mixed.filter((lift) => !known.includes(lift)).slice(0, ASKED_LIFTS);
  const asked = (lift: Lift, spread: number, rir = FIRST_RIR): Asked => ({
    lift,
    reps: Math.max(5, lift.repRange.low + random.between(-spread, spread)),
    rir,
  });
  const verdicts = others.map((lift) => {
    const question = asked(lift, 2);
    const ratio = loadForReps(tableMax(person, lift), question.reps + question.rir);
    const profile = readStrength(person, null, lifts, iso(startMs), ratios);
    return judge('new client', profile, lifter, question, { epley: null, brzycki: null, ratio });
  });

  const belief = startingBelief(person, lifts, iso(startMs));
  const lastSet = new Map<string, PastSet>();
  const sessions = random.between(4, 10);
  let now = startMs;
  let grown = lifter;
  for (let session = 0; session < sessions; session += 1) {
    const day = Math.exp(random.normal() * lifter.dayToDay);
    const reps = new Map(known.map((lift) => [lift.id, asked(lift, 2).reps]));
    const rested = readStrength(person, belief, lifts, iso(now));
    let profile = rested;
    const sets: PastSet[] = [];
    for (const lift of known) {
      for (let earlier = 0; earlier < 3; earlier += 1) {
        const answer = profile.loadFor(lift, reps.get(lift.id)!, 2);
        const wanted = lastSet.has(lift.id) ? answer.mean * 0.98 : answer.start;
        const loadG = Math.max(lift.stepG, Math.floor(wanted / lift.stepG) * lift.stepG);
        const set = {
          loadG,
          asked: reps.get(lift.id)!,
          day,
          earlier,
          faultId: null,
          others: known.indexOf(lift) * 3,
        };
        const done = simulateSet(grown, lift, set, random);
        const past: PastSet = {
          id: '',
          liftId: lift.id,
          sessionId: String(session),
          at: iso(now),
          loadG,
          reps: done.reps,
          cleanReps: done.cleanReps,
          rir: done.rir,
          asked: set.asked,
          bearing: 'counts',
        };
        lastSet.set(lift.id, past);
        sets.push(past);
        // The session's sets are given to the belief together, below; within it the loads follow the sets so far.
        profile = rested.after(sets);
      }
    }
    takeSets(belief, person, sets, iso(now));
    const days = random.between(2, 6);
    now += days * DAY_MS;
    const growth = Math.exp((lifter.weeklyGain * days) / 7);
    grown = {
      ...grown,
      oneRepMaxG: Object.fromEntries(
        Object.entries(grown.oneRepMaxG).map(([id, max]) => [id, max * growth]),
      ),
    };
  }
  const profile = readStrength(person, belief, lifts, iso(now), ratios);
  for (const lift of others) {
    const question = asked(lift, 2);
    const from = known[random.between(0, known.length - 1)]!;
    const same = known.find((each) => each.pattern === lift.pattern) ?? from;
    const last = lastSet.get(same.id)!;
    const max = estimatedOneRepMax(last.loadG, last.cleanReps + (last.rir ?? 2));
    const ratio = loadForReps(
      (max * lift.priorRatio) / same.priorRatio,
      question.reps + question.rir,
    );
    verdicts.push(
      judge('new lift', profile, grown, question, { epley: null, brzycki: null, ratio }),
    );
  }
  for (const lift of known) {
    const question = asked(lift, 4, random.between(1, 3));
    const last = lastSet.get(lift.id)!;
    const repsToLimit = last.cleanReps + (last.rir ?? 2);
    const wanted = question.reps + question.rir;
    verdicts.push(
      judge('known lift', profile, grown, question, {
        epley: loadForReps(estimatedOneRepMax(last.loadG, repsToLimit), wanted),
        brzycki: brzyckiLoad(brzyckiMax(last.loadG, repsToLimit), wanted),
        ratio: null,
      }),
    );
  }
  return { verdicts, belief };
}
/** Verdicts over `count` simulated clients whose true curve is of one family; the same for the same random stream. */
export function accuracyOf(
  curve: CurveName,
  lifts: readonly Lift[],
  count: number,
  now: string,
  random: Random,
  /** Whether a studio's clients teach what its next ones begin with. */
  learns = true,
): Verdict[] {
  const PEOPLE_A_POPULATION = 25;
  const verdicts: Verdict[] = [];
  let studio: LiftOffs[] = [];
  let truth = populationTruth(curve, lifts, random);
  for (let client = 0; client < count; client += 1) {
    if (client % PEOPLE_A_POPULATION === 0) {
      truth = populationTruth(curve, lifts, random);
      studio = [];
    }
    const { person, lifter } = simulateClient(truth, lifts, now, random);
    const ratios = learns ? studioRatios(studio) : {};
    const followed = follow(person, lifter, lifts, Date.parse(now), random, ratios);
    studio.push(liftOffs(person, followed.belief, now));
    verdicts.push(...followed.verdicts);
  }
  return verdicts;
}
