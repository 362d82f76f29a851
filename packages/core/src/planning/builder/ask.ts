import type { Lift } from '../../lift/lift';
import { muscles, type Muscle } from '../../lift/muscles';
import { coverOfWeek, setsIn, setsOfMuscle, type WeekCover } from './week';
import type { StoredWhy } from '../../words/why';

/** Why a lift is worth something of its own, whatever else the session holds. */
export const merits = [
  'liked',
  'disliked',
  'their programme',
  'as last time',
  'usual',
  'suits',
  'steady',
  'stood',
  'new',
] as const;
export type Merit = (typeof merits)[number];

/** A lift that this client can do in this room. */
export interface Candidate {
  lift: Lift;
  /** What it takes by number of sets (ramp, sets, rests, and the change to it), seconds; as many as `BuildAsk.setChoice`. */
  seconds: readonly number[];
  /** Counts against the most that may be new. */
  isNew: boolean;
  merits: readonly Merit[];
}

/** A lift that cannot be done, and why. */
export interface Shut {
  liftId: string;
  /** By a flag or a caution, by what the room has, or by what they are believed to lift. */
  by: 'closed' | 'room' | 'strength';
  why: StoredWhy;
}

/** A lift that the trainer set. */
export interface Fixed {
  liftId: string;
  /** As many sets; absent for what fits. */
  sets?: number;
  /** Its place, from 0; absent for any. */
  place?: number;
}

/** All that a session is built from. */
export interface BuildAsk {
  candidates: readonly Candidate[];
  shut: readonly Shut[];
  /** Time for lifts: what was booked without the general part, seconds. */
  seconds: number;
  /** At most so many that are new. */
  mostNew: number;
  /** How many sets a lift can have, fewest first. */
  setChoice: readonly number[];
  /** What this week holds already. */
  week: WeekCover;
  /** Sessions of this week, this one included: what is lacking is shared among them. */
  sessionsLeft: number;
  /** Sets a muscle and week. */
  weeklySets: { low: number; high: number };
  /** Muscles that the goal names: all three positions of each, and more weight. */
  focus: readonly Muscle[];
  fixed: readonly Fixed[];
  banned: readonly string[];
  /** Seated and supported lifts first: who changes position slowly. */
  steadyFirst: boolean;
}

/** A lift of a session and its sets. */
export interface Chosen {
  liftId: string;
  sets: number;
}

/** A lift that a session holds, with the seconds that its sets take. */
export interface Taken {
  candidate: Candidate;
  sets: number;
  seconds: number;
}

/** No session holds more lifts, unless the trainer fixes them. */
const MOST_LIFTS = 8;
/** Nor more lifts for one cover. */
const MOST_OF_COVER = 2;

/** Lifts that do one job: the same movement, main muscles and position. A session holds one of them. */
export const jobOf = ({ pattern, muscles, peak }: Lift): string =>
  [pattern, peak, ...[...muscles.main].sort()].join('|');

/** The lifts that the trainer fixed. */
export const fixedOf = (ask: BuildAsk): Candidate[] =>
  ask.candidates.filter(({ lift }) => ask.fixed.some(({ liftId }) => liftId === lift.id));

/** How often the fixed lifts use a limit up that is otherwise `most`. */
const atLeastFixed = (ask: BuildAsk, most: number, counts: (lift: Lift) => boolean): number =>
  Math.max(most, fixedOf(ask).filter(({ lift }) => counts(lift)).length);

/** A limit on how many of some lifts a session holds. */
export interface CountLimit {
  name: string;
  counts: (candidate: Candidate) => boolean;
  most: number;
}

/** Every limit on numbers of lifts. What the trainer fixed is never too many, but for what is new. */
export function countLimits(ask: BuildAsk): CountLimit[] {
  const byKey = (
    name: string,
    most: number,
    keyOf: (lift: Lift) => string | null,
  ): CountLimit[] => {
    const keys = new Set(ask.candidates.flatMap(({ lift }) => keyOf(lift) ?? []));
    return [...keys].map((key) => ({
      name: `${name} ${key}`,
      counts: ({ lift }) => keyOf(lift) === key,
      most: atLeastFixed(ask, most, (lift) => keyOf(lift) === key),
    }));
  };
  return [
    { name: 'lifts', counts: () => true, most: atLeastFixed(ask, MOST_LIFTS, () => true) },
    { name: 'new', counts: ({ isNew }) => isNew, most: ask.mostNew },
    ...byKey('job', 1, jobOf),
    ...byKey('pattern', MOST_OF_COVER, ({ pattern }) => pattern),
  ];
}

/** The numbers of sets that a candidate can have: what was fixed, else any that can be chosen; none when banned. */
export function setsFor({ lift }: Candidate, ask: BuildAsk): readonly number[] {
  const fixed = ask.fixed.find(({ liftId }) => liftId === lift.id);
  if (fixed?.sets !== undefined) return [fixed.sets];
  return ask.banned.includes(lift.id) && !fixed ? [] : ask.setChoice;
}

/** Seconds of a candidate with some sets; a number of sets outside of the choice goes on as the last ones do. */
export function secondsFor({ seconds }: Candidate, sets: number, { setChoice }: BuildAsk): number {
  const at = setChoice.indexOf(sets);
  if (at >= 0) return seconds[at]!;
  const last = setChoice.length - 1;
  const each = last > 0 ? seconds[last]! - seconds[last - 1]! : seconds[0]! / setChoice[0]!;
  return Math.max(0, Math.round(seconds[last]! + each * (sets - setChoice[last]!)));
}

/** A limit on the sets of a muscle in a session. */
interface MuscleLimit {
  muscle: Muscle;
  most: number;
}

/** What some lifts come to in a session, each with the fewest or the most sets that it can have. */
const coverWith = (lifts: readonly Candidate[], ask: BuildAsk, of: 'min' | 'max') =>
  coverOfWeek(lifts.map((each) => ({ lift: each.lift, sets: Math[of](...setsFor(each, ask)) })));

/** The most sets of a muscle that some lifts could bring: one lift of each job, as many as the time holds. */
function mostOf(lifts: readonly Candidate[], ask: BuildAsk): (muscle: Muscle) => number {
  const options = lifts.map((each) => {
    const sets = setsFor(each, ask);
    const shortest = secondsFor(each, Math.min(...sets), ask);
    return { lift: each.lift, job: jobOf(each.lift), sets: Math.max(...sets), shortest };
  });
  const shortest = Math.min(...options.map((each) => each.shortest));
  const many = Math.min(MOST_LIFTS, Math.floor(ask.seconds / shortest));
  return (muscle) => {
    const byJob = new Map<string, number>();
    for (const { lift, job, sets } of options)
      byJob.set(job, Math.max(byJob.get(job) ?? 0, sets * setsOfMuscle(lift, muscle)));
    const largest = [...byJob.values()].toSorted((one, other) => other - one).slice(0, many);
    return largest.reduce((sum, sets) => sum + sets, 0);
  };
}

/**
 * What the week still has room for, muscle by muscle; what the trainer fixed is never too much. Limits that no session
 * could pass are left out: they would only make it slower to find.
 */
export function muscleLimits(ask: BuildAsk): MuscleLimit[] {
  const fixed = fixedOf(ask);
  const free = ask.candidates.filter(
    (each) => !fixed.includes(each) && setsFor(each, ask).length > 0,
  );
  const [least, largest] = [coverWith(fixed, ask, 'min'), coverWith(fixed, ask, 'max')];
  const mostBeside = mostOf(free, ask);
  return muscles
    .map((muscle) => ({
      muscle,
      most: Math.max(ask.weeklySets.high - setsIn(ask.week, muscle), setsIn(least, muscle)),
    }))
    .filter(({ muscle, most }) => setsIn(largest, muscle) + mostBeside(muscle) > most);
}
