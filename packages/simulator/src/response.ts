import type { Lift } from '@spalo/core/lift';
import type { PastSet } from '@spalo/core/strength';
import { responseOf, worthHaving, type ResponseVerdict } from '@spalo/core/blocks';
import { simulateSet, trueLoad, type Lifter } from './lifter';
import type { SimulatedClient } from './population';
import type { Random } from './random';

/** How a lifter's growth goes: on, or until a week. */
export interface GrowthOf {
  /** The week in which it stops; null where it goes on. */
  stops: number | null;
  weeks: number;
}

/** What was said of a lift week by week, and what was true. */
export interface Judged {
  verdicts: { week: number; verdict: ResponseVerdict }[];
  /** True growth a week while it grew. */
  growth: number;
  stops: number | null;
  worth: number;
}

const DAY_MS = 24 * 3600 * 1000;
const DAYS_BETWEEN = 3;
const ASKED = 8;
const LEFT = 2;
/** How far a trainer's load is off the right one, as a log. */
const OFF = 0.03;

const grownBy = (lifter: Lifter, log: number): Lifter => ({
  ...lifter,
  oneRepMaxG: Object.fromEntries(
    Object.entries(lifter.oneRepMaxG).map(([id, max]) => [id, max * Math.exp(log)]),
  ),
});

/** A client who trains some lifts for weeks, with what the product says of each lift after every week. */
export function judgeGrowth(
  { person, lifter }: SimulatedClient,
  lifts: readonly Lift[],
  { stops, weeks }: GrowthOf,
  startMs: number,
  random: Random,
): Judged[] {
  const sets: PastSet[] = [];
  const judged = lifts.map<Judged>(() => ({
    verdicts: [],
    growth: lifter.weeklyGain,
    stops,
    worth: worthHaving(person),
  }));
  let said = 0;
  for (let day = 0; day <= weeks * 7; day += DAYS_BETWEEN) {
    const week = day / 7;
    const grown = grownBy(lifter, lifter.weeklyGain * Math.min(week, stops ?? Infinity));
    const form = Math.exp(random.normal() * lifter.dayToDay);
    lifts.forEach((lift, place) => {
      const loadG = Math.round(
        trueLoad(grown, lift.id, ASKED + LEFT) * Math.exp(random.normal() * OFF),
      );
      for (let earlier = 0; earlier < 3; earlier += 1) {
        const set = { loadG, asked: ASKED, day: form, earlier, faultId: null, others: place * 3 };
        const { reps, cleanReps, rir } = simulateSet(grown, lift, set, random);
        const at = new Date(startMs + day * DAY_MS).toISOString();
        const id = `${day}-${lift.id}-${earlier}`;
        sets.push({
          id,
          liftId: lift.id,
          sessionId: String(day),
          at,
          loadG,
          reps,
          cleanReps,
          rir,
          bearing: 'counts',
        });
      }
    });
    if (week < said + 1) continue;
    said = Math.floor(week);
    lifts.forEach((lift, at) => {
      judged[at]!.verdicts.push({ week: said, verdict: responseOf(sets, lift, person).verdict });
    });
  }
  return judged;
}

/** How honest the verdicts are: shares of lift-blocks. */
export interface Honesty {
  /** Of the blocks of four weeks of lifts that grow by what is worth having: said to fade or go back in any week. */
  falseAlarms: number;
  /** The same in the last week only. */
  falseAtEnd: number;
  growers: number;
  /** Of those whose growth stopped, found within four weeks. */
  found: number;
  stopped: number;
  /** Of what is called responding in a week, how much grew then. */
  respondingGrew: number;
  responding: number;
}

const WITHIN = 4;
/** Weeks of a block. */
const BLOCK = 4;
const isOff = (verdict: ResponseVerdict) => verdict === 'fading' || verdict === 'going back';

export function honestyOf(all: readonly Judged[]): Honesty {
  const share = (list: readonly unknown[], of: readonly unknown[]) =>
    of.length > 0 ? list.length / of.length : 0;
  const growers = all.filter(({ stops, growth, worth }) => stops === null && growth >= worth);
  const stopped = all.filter(({ stops, growth, worth }) => stops !== null && growth >= worth);
  const blocks = growers.flatMap(({ verdicts }) =>
    Array.from({ length: Math.floor(verdicts.length / BLOCK) }, (_, at) =>
      verdicts.slice(at * BLOCK, (at + 1) * BLOCK).map(({ verdict }) => verdict),
    ),
  );
  const responding = all.flatMap((each) =>
    each.verdicts
      .filter(({ verdict }) => verdict === 'responding')
      .map(({ week }) => ({ ...each, week })),
  );
  return {
    falseAlarms: share(
      blocks.filter((weeks) => weeks.some(isOff)),
      blocks,
    ),
    falseAtEnd: share(
      growers.filter(({ verdicts }) => isOff(verdicts.at(-1)!.verdict)),
      growers,
    ),
    growers: growers.length,
    found: share(
      stopped.filter(({ verdicts, stops }) =>
        verdicts.some(
          ({ week, verdict }) => week > stops! && week <= stops! + WITHIN && isOff(verdict),
        ),
      ),
      stopped,
    ),
    stopped: stopped.length,
    respondingGrew: share(
      responding.filter(({ week, stops }) => stops === null || week <= stops + 1),
      responding,
    ),
    responding: responding.length,
  };
}
