import type { Lift } from '@spalo/core/lift';
import type { PastSet } from '@spalo/core/strength';
import { responseOf, type Growth, type ResponseVerdict } from '@spalo/core/blocks';
import { simulateSet, strongerBy, trueLoad } from './lifter';
import type { SimulatedClient } from './population';
import type { Random } from './random';

/** What truly happens to a lift: its growth in a week, as a log change, given the lifter's own and the week that turns it. */
export interface TrueCourse {
  name: string;
  growth: (week: number, usual: number, turn: number) => number;
  /** Whether it stops or falls from the turn on. */
  stops: boolean;
}

/** Weeks in which a client was ill or away from themselves: strength lent, not lost. */
const BAD_WEEKS = 2;
const BAD = 0.035;
const PAUSE_WEEKS = 6;

/** Eight ways that lifts go. */
export const trueCourses: readonly TrueCourse[] = [
  { name: 'fast', stops: false, growth: () => 0.01 },
  { name: 'usual', stops: false, growth: (_week, usual) => Math.max(0.002, usual) },
  { name: 'slow, 0.25% a week', stops: false, growth: () => 0.0025 },
  { name: 'never grows', stops: true, growth: () => 0 },
  { name: 'stops', stops: true, growth: (week, _usual, turn) => (week < turn ? 0.006 : 0) },
  { name: 'falls', stops: true, growth: (week, _usual, turn) => (week < turn ? 0.006 : -0.005) },
  {
    name: 'pauses for six weeks',
    stops: true,
    growth: (week, _usual, turn) => (week < turn || week >= turn + PAUSE_WEEKS ? 0.006 : 0),
  },
  {
    name: 'grows, with two bad weeks',
    stops: false,
    growth: (week, _usual, turn) =>
      0.006 + (week === turn ? -BAD : week === turn + BAD_WEEKS ? BAD : 0),
  },
];

/** What was said of a lift after a week, and what was true in it. */
interface Said {
  week: number;
  verdict: ResponseVerdict;
  slope: Growth;
  /** True growth of the week. */
  growth: number;
}

/** What was said of a lift week by week, and what was true. */
export interface Judged {
  course: TrueCourse;
  /** The week in which it turns. */
  turn: number;
  said: Said[];
}

/** How a client trains while it is judged. */
export interface Watching {
  course: TrueCourse;
  turn: number;
  weeks: number;
  /** Sessions a week. */
  days: number;
}

const DAY_MS = 24 * 3600 * 1000;
const ASKED = 8;
const LEFT = 2;
/** How far a trainer's load is off the right one, as a log. */
const OFF = 0.03;

/** A client who trains some lifts for weeks, with what the product says of each lift after every week. */
export function judgeGrowth(
  { person, lifter }: SimulatedClient,
  lifts: readonly Lift[],
  { course, turn, weeks, days }: Watching,
  startMs: number,
  random: Random,
): Judged[] {
  const sets: PastSet[] = [];
  const judged = lifts.map((): Judged => ({ course, turn, said: [] }));
  let grown = 0;
  for (let week = 0; week < weeks; week += 1) {
    const growth = course.growth(week, lifter.weeklyGain, turn);
    for (let day = 0; day < days; day += 1) {
      const dayOf = Math.round((week + day / days) * 7);
      const now = strongerBy(lifter, grown + (growth * day) / days);
      const form = Math.exp(random.normal() * lifter.dayToDay);
      lifts.forEach((lift, place) => {
        const loadG = Math.round(
          trueLoad(now, lift.id, ASKED + LEFT) * Math.exp(random.normal() * OFF),
        );
        for (let earlier = 0; earlier < 3; earlier += 1) {
          const set = { loadG, asked: ASKED, day: form, earlier, faultId: null, others: place * 3 };
          const { reps, cleanReps, rir } = simulateSet(now, lift, set, random);
          sets.push({
            id: `${dayOf}-${lift.id}-${earlier}`,
            liftId: lift.id,
            sessionId: String(dayOf),
            at: new Date(startMs + dayOf * DAY_MS).toISOString(),
            ...{ loadG, reps, cleanReps, rir },
            bearing: 'counts',
          });
        }
      });
    }
    grown += growth;
    lifts.forEach((lift, at) => {
      const { verdict, slope } = responseOf(sets, lift, person);
      judged[at]!.said.push({ week, verdict, slope, growth });
    });
  }
  return judged;
}

/** How honest the verdicts are: shares of lifts, of blocks of four weeks, or of weeks. */
export interface Honesty {
  /** Of the blocks of lifts that grow all the time: said to be flat or to fade in any week. */
  falseAlarms: number;
  blocks: number;
  /** Of those that stop or fall: said so within so many weeks of it. */
  found: number;
  stopped: number;
  /** Of the weeks in which something is called working: those in which it grew, or had until the week before. */
  workingGrew: number;
  working: number;
  /** Of the weeks with a range: those in which it holds the true growth. Four in five are asked for. */
  held: number;
  /** Of the weeks: those in which it is too early to say. */
  open: number;
}

/** Weeks of a block. */
const BLOCK = 4;
const isOff = ({ verdict }: Said) => verdict === 'flat' || verdict === 'fading';
/** A range is said in tenths of a percent: so far outside of it is not outside. */
const ROUNDED = 0.0005;
const EARLIEST = 3;

export function honestyOf(all: readonly Judged[], within: number): Honesty {
  const share = (list: readonly unknown[], of: readonly unknown[]) =>
    of.length > 0 ? list.length / of.length : 0;
  const blocks = all.flatMap(({ course, said }) =>
    course.stops
      ? []
      : Array.from({ length: Math.floor(said.length / BLOCK) }, (_, at) =>
          said.slice(at * BLOCK, (at + 1) * BLOCK),
        ),
  );
  const stopped = all.filter(({ course }) => course.stops);
  const weeks = all.flatMap(({ said }) =>
    said.map((each) => ({ ...each, before: said[each.week - 1]?.growth ?? each.growth })),
  );
  const told = weeks.filter(({ week }) => week >= EARLIEST);
  const working = told.filter(({ verdict }) => verdict === 'working');
  return {
    falseAlarms: share(
      blocks.filter((block) => block.some(isOff)),
      blocks,
    ),
    blocks: blocks.length,
    found: share(
      stopped.filter(({ said, turn, course }) => {
        const from = course.growth(0, 0, turn) > 0 ? turn : 0;
        return said.some((each) => each.week >= from && each.week < from + within && isOff(each));
      }),
      stopped,
    ),
    stopped: stopped.length,
    workingGrew: share(
      working.filter(({ growth, before }) => growth > 0 || before > 0),
      working,
    ),
    working: working.length,
    held: share(
      told.filter(
        ({ growth, slope }) => growth >= slope.low - ROUNDED && growth <= slope.high + ROUNDED,
      ),
      told,
    ),
    open: share(
      told.filter(({ verdict }) => verdict === 'too early'),
      told,
    ),
  };
}
