import { amid } from '../../unit/language';
import type { Joint } from '../../lift/joints';
import type { Lift } from '../../lift/lift';
import type { Position } from '../../lift/position';
import type { Caution } from '../../person/caution';
import { isInFirstYear } from '../../person/training-age';
import { cautionAgainst } from '../../person/caution-against';
import type { StoredWhy, Why } from '../../words/why';
import { drillJoints, jobs, type BodyRange, type Drill, type Job } from './drill';
import { neededRanges } from './needed-ranges';

/** What the trainer prefers, whoever the client is. */
export interface WarmUpTaste {
  /** Id of the drill to raise with; null takes the first that fits. */
  raise: string | null;
  /** Minutes of it: by rule where null; 0 leaves it out. */
  raiseMinutes: number | null;
  /** How hips are woken. */
  hips: 'one leg' | 'band';
  coldRoom: boolean;
}

export const plainTaste: WarmUpTaste = {
  raise: null,
  raiseMinutes: null,
  hips: 'one leg',
  coldRoom: false,
};

/** What the general part is built from. */
export interface GeneralInput {
  /** Today's lifts, in order. */
  lifts: readonly Lift[];
  /** Ids of those that the client has never done. */
  newLifts: readonly string[];
  stiff: readonly BodyRange[];
  /** Joints with an open pain flag. */
  painful: readonly Joint[];
  cautions: readonly Caution[];
  trainingMonths: number;
  /** Of an age that asks for a longer start. */
  older: boolean;
  /** The session begins before eight. */
  early: boolean;
  /** Ids of drills that are done or left out already: they take no more time, and nothing is trimmed of them. */
  passed: readonly string[];
  /** Minutes that there are for the others; null for as long as it takes. */
  minutes: number | null;
  taste: WarmUpTaste;
  /** Drills that this client does instead of others, by id. */
  swaps: Record<string, string>;
  drills: readonly Drill[];
}

/** A step of the general part. */
export interface GeneralStep {
  drillId: string;
  job: Job;
  /** Of one round. */
  seconds: number;
  rounds: number;
  reps: number | null;
  why: StoredWhy;
}

export interface General {
  steps: GeneralStep[];
  /** Of the steps still to do. */
  seconds: number;
  /** What was left out for want of time, in words, in the order in which it went. */
  dropped: string[];
  /** What was left out for the client's sake, in words. */
  left: string[];
  /** False where even the shortest is longer than the minutes given. */
  fits: boolean;
}

const MINUTE = 60;
/** From one drill to the next. */
const BETWEEN_S = 10;
const RAISE_MINUTES = [5, 10, 15];
const LEAST_RAISE_S = 3 * MINUTE;
const MOST_MOBILISE_S = 10 * MINUTE;
/** Lifts that a beginner always rehearses, besides every new one. */
const REHEARSED = 2;

export const stepSeconds = ({ seconds, rounds }: Pick<GeneralStep, 'seconds' | 'rounds'>) =>
  seconds * rounds + BETWEEN_S;
export const generalSeconds = (steps: readonly GeneralStep[]) =>
  steps.reduce((sum, step) => sum + stepSeconds(step), 0);

const isLower = (lift: Lift) => lift.region === 'lower';

/** Why a drill is not for this client, or null. */
function unfit(drill: Drill, { painful, cautions }: GeneralInput): string | null {
  const joint = drillJoints(drill).find((each) => painful.includes(each));
  if (joint) return `${drill.name} loads the ${joint}, which has an open flag`;
  const caution =
    drill.notWith.find((each) => cautions.includes(each)) ??
    cautionAgainst(cautions, drill.positions);
  return caution ? `${drill.name} does not go with the caution "${caution}"` : null;
}

/** Whether two lists have something in common; an empty one goes with anything. */
const shares = (some: readonly string[], others: readonly string[]) =>
  some.length === 0 || others.length === 0 || some.some((each) => others.includes(each));

/** Drills that could stand in for one: the same job, and for a mobiliser the same range; never one that does not fit. */
export function substitutes(drill: Drill, input: GeneralInput): Drill[] {
  return input.drills.filter(
    (each) =>
      each.id !== drill.id &&
      each.job === drill.job &&
      each.range === drill.range &&
      shares(each.patterns, drill.patterns) &&
      shares(each.liftIds, drill.liftIds) &&
      unfit(each, input) === null,
  );
}

const floor: readonly Position[] = [
  'on the back',
  'on the front',
  'on the side',
  'on hands',
  'on elbows',
  'kneeling',
];

/** The drills that nobody has to get down to the floor for; all of them where each is on the floor. */
function upright(drills: readonly Drill[]): Drill[] {
  const up = drills.filter(({ positions }) => !positions.some((each) => floor.includes(each)));
  return up.length > 0 ? up : [...drills];
}

/** Builds the list job by job; keeps what it left out for the client's sake. */
class Builder {
  readonly steps: GeneralStep[] = [];
  readonly left: string[] = [];
  /** Drills of steps that the first lift does not need, for trimming. */
  readonly beside = new Set<string>();
  constructor(readonly input: GeneralInput) {}

  /** The drills of a job in the order of preference, without those that do not fit; says which those were. */
  fitting(job: Job, wanted: (drill: Drill) => boolean): Drill[] {
    const found = this.input.drills.filter((drill) => drill.job === job && wanted(drill));
    const able = found.filter((drill) => unfit(drill, this.input) === null);
    if (able.length === 0 && found.length > 0) this.left.push(unfit(found[0]!, this.input)!);
    return this.input.cautions.includes('slow changes') ? upright(able) : able;
  }

  take(drill: Drill, part: { seconds?: number; rounds?: number; why: Why }): void {
    const swapped = this.input.drills.find((each) => each.id === this.input.swaps[drill.id]);
    const taken = swapped && unfit(swapped, this.input) === null ? swapped : drill;
    if (this.steps.some((step) => step.drillId === taken.id)) return;
    this.steps.push({
      drillId: taken.id,
      job: taken.job,
      seconds: part.seconds ?? taken.seconds,
      rounds: part.rounds ?? taken.rounds,
      reps: taken.reps,
      why: part.why,
    });
  }
}

function raise(build: Builder): void {
  const { lifts, stiff, older, early, trainingMonths, taste } = build.input;
  const onlySmall = lifts.length > 0 && lifts.every((lift) => lift.restClass === 'small');
  if (taste.raiseMinutes === 0 || (onlySmall && taste.raiseMinutes === null)) return;
  const reasons = [
    stiff.length >= 2 ? 'stiff' : null,
    older ? 'over 60' : null,
    taste.coldRoom ? 'cold room' : null,
    early ? 'early' : null,
  ].filter((reason) => reason !== null);
  const byRule = RAISE_MINUTES[Math.min(reasons.length, RAISE_MINUTES.length - 1)]!;
  const minutes = taste.raiseMinutes ?? byRule;
  const able = build.fitting('raise', () => true);
  const drill = able.find((each) => each.id === taste.raise) ?? able[0];
  if (!drill) return;
  const longer = taste.raiseMinutes === null && reasons.length > 0;
  const why: Why = longer
    ? { code: 'raise-longer', because: reasons }
    : { code: isInFirstYear({ trainingMonths }) ? 'raise-easy' : 'raise-warm' };
  build.take(drill, { seconds: minutes * MINUTE, rounds: 1, why });
}

function mobilise(build: Builder): void {
  const { lifts, stiff } = build.input;
  const first = lifts[0];
  if (!first) return;
  const ofFirst = neededRanges(first);
  const needed = [...new Set(lifts.flatMap(neededRanges))];
  let seconds = 0;
  const add = (range: BodyRange, rounds: number, why: Why) => {
    const drill = build.fitting('mobilise', (each) => each.range === range)[0];
    if (!drill) return;
    if (seconds + drill.seconds * rounds > MOST_MOBILISE_S) {
      build.left.push(`${drill.name}: ten minutes of mobility are enough`);
      return;
    }
    seconds += drill.seconds * rounds;
    build.take(drill, { rounds, why });
    if (!ofFirst.includes(range)) build.beside.add(drill.id);
  };
  const lacked = needed.filter((range) => stiff.includes(range));
  for (const range of lacked) {
    const lift = lifts.find((each) => neededRanges(each).includes(range))!;
    const why: Why = { code: 'stiff-and-needed', lift: amid(lift.name) };
    add(range, range.startsWith('hip') ? 3 : 2, why);
  }
  const most = ofFirst[0];
  if (most && !lacked.includes(most))
    add(most, 1, { code: 'range-needed', lift: amid(first.name) });
}

function activate(build: Builder): void {
  const { lifts, taste } = build.input;
  const take = (
    wanted: (drill: Drill) => boolean,
    code: 'hips-level' | 'trunk-stiff' | 'blades-hold',
  ) => {
    const able = build.fitting('activate', wanted);
    const drill = able.find((each) => each.way === taste.hips) ?? able[0];
    if (drill) build.take(drill, { why: { code } });
  };
  const lower = lifts.filter(isLower);
  const upper = lifts.filter((lift) => !isLower(lift));
  if (lower.length > 0) {
    take((drill) => drill.way !== null, 'hips-level');
    take((drill) => drill.way === null && drill.patterns.includes('hinge'), 'trunk-stiff');
  }
  if (upper.length > 0 && (lower.length === 0 || !isLower(lifts[0]!) || upper.length >= 2)) {
    take(
      (drill) =>
        drill.way === null &&
        !drill.patterns.includes('hinge') &&
        drill.patterns.includes(upper[0]!.pattern),
      'blades-hold',
    );
  }
}

function rehearse(build: Builder): void {
  const { lifts, newLifts, trainingMonths } = build.input;
  const beginner = isInFirstYear({ trainingMonths });
  const wanted = lifts.filter(
    (lift, index) => (beginner && index < REHEARSED) || newLifts.includes(lift.id),
  );
  for (const lift of wanted) {
    const drill = build.fitting('rehearse', (each) => each.liftIds.includes(lift.id))[0];
    if (!drill) continue;
    const code = newLifts.includes(lift.id) ? 'rehearse-new' : 'rehearse';
    build.take(drill, { why: { code, lift: amid(lift.name) } });
  }
}

/** Fewer rounds for one step, or a step less; answers whether there was anything to take. */
type Trim = (steps: GeneralStep[]) => string | null;

/**
 * What goes first when time is short: extra rounds, the raise beyond three minutes, ranges beside the first lift; then what
 * wakes and what rehearses, down to one each, the last first; then the raise itself, which who is older keeps.
 */
function trims(
  beside: ReadonlySet<string>,
  older: boolean,
  nameOf: (id: string) => string,
): Trim[] {
  const oneRoundLess: Trim = (steps) => {
    const step = steps.findLast((each) => each.rounds > 1);
    if (!step) return null;
    step.rounds -= 1;
    return `a round of ${nameOf(step.drillId)}`;
  };
  const shorterRaise: Trim = (steps) => {
    const step = steps.find((each) => each.job === 'raise' && each.seconds > LEAST_RAISE_S);
    if (!step) return null;
    step.seconds -= MINUTE;
    return `a minute of ${nameOf(step.drillId)}`;
  };
  const rangeBeside: Trim = (steps) => {
    const at = steps.findLastIndex((step) => step.job === 'mobilise' && beside.has(step.drillId));
    if (at < 0) return null;
    const [gone] = steps.splice(at, 1);
    return nameOf(gone!.drillId);
  };
  const downToOne =
    (job: Job): Trim =>
    (steps) => {
      if (steps.filter((step) => step.job === job).length < 2) return null;
      const [gone] = steps.splice(
        steps.findLastIndex((step) => step.job === job),
        1,
      );
      return nameOf(gone!.drillId);
    };
  const noRaise: Trim = (steps) => {
    const at = steps.findIndex((step) => step.job === 'raise');
    if (older || at < 0 || steps.length < 2) return null;
    const [gone] = steps.splice(at, 1);
    return nameOf(gone!.drillId);
  };
  return [
    oneRoundLess,
    shorterRaise,
    rangeBeside,
    downToOne('activate'),
    downToOne('rehearse'),
    noRaise,
  ];
}

/** The same words once, with how often: "2 × a round of bridges". */
function counted(words: readonly string[]): string[] {
  const counts = new Map<string, number>();
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1);
  return [...counts].map(([word, count]) => (count === 1 ? word : `${count} × ${word}`));
}

/**
 * The general part of a warm-up: raise, mobilise, activate, rehearse, each step timed and with its reason. Short on
 * time it drops extra rounds, then the raise beyond three minutes, mobility that the first lift does not need, what wakes
 * and rehearses down to one each, and last, but for who is older, the raise.
 */
export function buildGeneral(input: GeneralInput): General {
  const build = new Builder(input);
  raise(build);
  mobilise(build);
  activate(build);
  rehearse(build);
  const order = (step: GeneralStep) => jobs.indexOf(step.job);
  const steps = build.steps.map((step) => ({ ...step })).sort((a, b) => order(a) - order(b));
  const nameOf = (id: string) => amid(input.drills.find((drill) => drill.id === id)?.name ?? id);
  const limit = input.minutes === null ? Infinity : input.minutes * MINUTE;
  const hasPassed = (step: GeneralStep) => input.passed.includes(step.drillId);
  const ahead = steps.filter((step) => !hasPassed(step));
  const dropped: string[] = [];
  for (const trim of trims(build.beside, input.older, nameOf)) {
    while (generalSeconds(ahead) > limit) {
      const gone = trim(ahead);
      if (gone === null) break;
      dropped.push(gone);
    }
  }
  const seconds = generalSeconds(ahead);
  return {
    steps: steps.filter((step) => hasPassed(step) || ahead.includes(step)),
    seconds,
    dropped: counted(dropped),
    left: build.left,
    fits: seconds <= limit,
  };
}
