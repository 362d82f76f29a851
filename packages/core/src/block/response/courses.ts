import { GAIN } from '../../strength/constants';
import type { Level } from './levels';

/**
 * A course is one way that a lift may have gone: it grew by some growth a week until it turned, by another after that, and
 * perhaps as at first again. Weeks are counted from the first session; a turn that never came is endless.
 */
interface Turns {
  turn: number;
  again: number;
  /** How likely such turns were before anything was seen. */
  weight: number;
}

/** Growth that is thought of, a week, as a log change of the load. */
const GROWTHS = [-0.004, -0.002, ...Array.from({ length: 21 }, (_, at) => at * 0.001)];
const GROWTH_SD = 0.005;
/** What stops goes on as it is, or is lost, slowly or fast. */
const AFTERS = [
  { after: 0, share: 0.7 },
  { after: -0.003, share: 0.1 },
  { after: -0.006, share: 0.1 },
  { after: -0.01, share: 0.1 },
] as const;
/** Chances that a week is the one in which it stops, and in which it grows again. */
const STOPS_A_WEEK = 0.04;
const AGAIN_A_WEEK = 0.05;
/** Weeks that a stop lasts at least before it is one. */
const STOP_LASTS = 2;
/** Sessions near each other err a little together: their doubt is so much larger. */
const TOGETHER = 1.2;
/** Growing again is looked for every so many weeks. */
const EVERY = 2;
/** Days' forms, as standard deviations of the log load: how much a client varies is not known before. */
const FORMS = [0.01, 0.018, 0.032] as const;

function turnsOver(weeks: number): Turns[] {
  const last = Math.max(0, Math.floor(weeks));
  const on = (chance: number, several: number) => (1 - chance) ** several;
  const turns: Turns[] = [{ turn: Infinity, again: Infinity, weight: on(STOPS_A_WEEK, last) }];
  for (let turn = 0; turn < last; turn += 1) {
    const stops = STOPS_A_WEEK * on(STOPS_A_WEEK, turn);
    turns.push({ turn, again: Infinity, weight: stops * on(AGAIN_A_WEEK, last - turn) });
    for (let again = turn + STOP_LASTS; again < last; again += EVERY) {
      const grows = EVERY * AGAIN_A_WEEK * on(AGAIN_A_WEEK, again - turn);
      turns.push({ turn, again, weight: stops * grows });
    }
  }
  return turns;
}

/** Weighted sums of levels (y) and of the weeks that they grew (a) and stood or fell (b), about their means. */
interface Sums {
  yy: number;
  ya: number;
  yb: number;
  aa: number;
  ab: number;
  bb: number;
  /** What the doubts of the levels alone come to, as a log. */
  logs: number;
}

/** The sums for one pair of turns; a level's height being anything, only what lies about the mean counts. */
function sumsOf(levels: readonly Level[], { turn, again }: Turns, form: number): Sums {
  let [w, y, a, b, yy, ya, yb, aa, ab, bb, logs] = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
  for (const { week, level, sd } of levels) {
    const variance = TOGETHER * (form ** 2 + sd ** 2);
    const one = 1 / variance;
    const grew = Math.min(week, turn) + Math.max(0, week - again);
    const stood = Math.max(0, Math.min(week, again) - turn);
    w += one;
    y += one * level;
    a += one * grew;
    b += one * stood;
    yy += one * level * level;
    ya += one * level * grew;
    yb += one * level * stood;
    aa += one * grew * grew;
    ab += one * grew * stood;
    bb += one * stood * stood;
    logs += Math.log(variance);
  }
  return {
    yy: yy - (y * y) / w,
    ya: ya - (y * a) / w,
    yb: yb - (y * b) / w,
    aa: aa - (a * a) / w,
    ab: ab - (a * b) / w,
    bb: bb - (b * b) / w,
    logs: logs + Math.log(w),
  };
}

/** How likely the levels are on one course: a log likelihood. */
const likelihood = ({ yy, ya, yb, aa, ab, bb, logs }: Sums, growth: number, after: number) =>
  -(
    yy -
    2 * (growth * ya + after * yb) +
    growth * growth * aa +
    2 * growth * after * ab +
    after * after * bb +
    logs
  ) / 2;

/**
 * How likely each growth of late is, by all courses that somebody with so many months of training may have taken: growth a
 * week → weight. Without levels it is what was likely before.
 */
export function growthsOf(levels: readonly Level[], trainingMonths: number): Map<number, number> {
  const usual = GAIN.first * Math.exp(-trainingMonths / GAIN.fades) + GAIN.lasting + 0.001;
  const all = turnsOver(levels.at(-1)?.week ?? 0);
  const judged: { growth: number; log: number }[] = [];
  for (const form of FORMS) {
    for (const turns of all) {
      const sums = levels.length > 0 ? sumsOf(levels, turns, form) : null;
      const never = turns.turn === Infinity;
      const afters = never ? [{ after: 0, share: 1 }] : AFTERS;
      for (const growth of GROWTHS) {
        if (!never && growth <= 0) continue;
        const likely = Math.log(turns.weight) - ((growth - usual) / GROWTH_SD) ** 2 / 2;
        for (const { after, share } of afters) {
          const seen = sums ? likelihood(sums, growth, after) : 0;
          const now = never || turns.again < Infinity ? growth : after;
          judged.push({ growth: now, log: likely + Math.log(share) + seen });
        }
      }
    }
  }
  const most = judged.reduce((best, { log }) => Math.max(best, log), -Infinity);
  const weights = new Map<number, number>();
  for (const { growth, log } of judged)
    weights.set(growth, (weights.get(growth) ?? 0) + Math.exp(log - most));
  return weights;
}
