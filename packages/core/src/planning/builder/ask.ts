import type { Lift } from '../../lift/lift';
import type { Muscle } from '../../lift/muscles';
import type { WeekCover } from './week';
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

/** No session holds more lifts, unless the trainer fixes them. */
const MOST_LIFTS = 8;
/** Nor more lifts for one cover. */
const MOST_OF_COVER = 2;

/** Lifts that do one job: the same movement, main muscles and position. A session holds one of them. */
export const jobOf = ({ pattern, muscles, peak }: Lift): string =>
  [pattern, peak, ...[...muscles.main].sort()].join('|');

/** How often the fixed lifts use a limit up that is otherwise `most`. */
const atLeastFixed = (ask: BuildAsk, most: number, counts: (lift: Lift) => boolean): number => {
  const fixed = ask.candidates.filter(
    ({ lift }) => counts(lift) && ask.fixed.some(({ liftId }) => liftId === lift.id),
  );
  return Math.max(most, fixed.length);
};

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
