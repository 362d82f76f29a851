import { OPEN_RESERVE } from '../unit/reserve';
import type { Lift } from '../lift/lift';
import { isInFirstYear } from '../person/training-age';
import { GAIN } from '../strength/constants';
import type { PastSet } from '../strength/past-set';

/** What a strategy does for a lift. */
export type ResponseVerdict = 'responding' | 'too early' | 'fading' | 'going back';

/** How a lift goes, with what says so. Growth is a log change of the load a week: 0.005 is half a percent. */
export interface Response {
  verdict: ResponseVerdict;
  /** Growth of late, with the range that holds it four times in five. */
  slope: { middle: number; low: number; high: number };
  /** Chance that it still grows by something worth having. */
  growing: number;
  sessions: number;
  weeks: number;
}

/** Growth a week worth having: half a percent in the first year, a fifth of one later. */
export const worthHaving = (person: { trainingMonths: number }): number =>
  isInFirstYear(person) ? 0.005 : 0.002;

/** A lift's level on a day: the log of the load that its sets say it would lift once. */
interface Level {
  /** Weeks since the first. */
  week: number;
  level: number;
  /** Doubt of its own, beside the day's form. */
  sd: number;
}

/** Doubt of one set's level, in reps over the repetition constant. */
const SET_REPS = 0.7;
/** Fatigue of each earlier set, as a log load: the same in every session, so that its exact size matters little. */
const TIRED = 0.03;
const WEEK_MS = 7 * 24 * 3600 * 1000;

/** The level of each session; sets that only bound it say nothing of how it moves. */
function levelsOf(
  sets: readonly PastSet[],
  { id, repConstant }: Pick<Lift, 'id' | 'repConstant'>,
): Level[] {
  const bySession = new Map<string, PastSet[]>();
  for (const set of sets) {
    if (set.liftId !== id || set.bearing !== 'counts' || set.cleanReps < 1) continue;
    const known = bySession.get(set.sessionId);
    if (known) known.push(set);
    else bySession.set(set.sessionId, [set]);
  }
  const first = Date.parse([...bySession.values()][0]?.[0]?.at ?? '1970-01-01T00:00:00.000Z');
  return [...bySession.values()].map((done) => {
    const levels = done.map((set, nth) => {
      const left = Math.min(OPEN_RESERVE + 0.5, set.rir ?? 2);
      const reps = set.cleanReps + left;
      return Math.log(set.loadG) + Math.log(1 + reps / repConstant) + nth * TIRED;
    });
    const level = levels.reduce((sum, each) => sum + each, 0) / levels.length;
    const sd = SET_REPS / (repConstant + 10) / Math.sqrt(levels.length);
    return { week: (Date.parse(done[0]!.at) - first) / WEEK_MS, level, sd };
  });
}

/** One way that a lift may have gone: it grew by `growth` a week until `turn`, and by `after` since. */
interface Course {
  growth: number;
  turn: number;
  after: number;
  weight: number;
}

/** Growth that is thought of, a week. */
const GROWTHS = Array.from({ length: 13 }, (_, at) => at * 0.002);
const GROWTH_SD = 0.006;
/** What stops goes on as it is, or is lost slowly. */
const AFTERS = [
  { after: 0, share: 0.75 },
  { after: -0.006, share: 0.25 },
] as const;
/** Chance that a week is the one in which it stops. */
const STOPS_A_WEEK = 0.05;
/** Days' forms, as standard deviations of the log load: how much a client varies is not known before. */
const FORMS = [0.012, 0.02, 0.028, 0.038] as const;

function coursesOf(weeks: number, trainingMonths: number): Course[] {
  const usual = GAIN.first * Math.exp(-trainingMonths / GAIN.fades) + GAIN.lasting + 0.001;
  const courses: Course[] = [];
  const turns = Array.from({ length: Math.max(0, Math.floor(weeks)) }, (_, at) => at);
  for (const growth of GROWTHS) {
    const likely = Math.exp(-(((growth - usual) / GROWTH_SD) ** 2) / 2);
    courses.push({
      growth,
      turn: Infinity,
      after: growth,
      weight: likely * (1 - STOPS_A_WEEK) ** turns.length,
    });
    for (const turn of turns) {
      for (const { after, share } of AFTERS) {
        courses.push({
          growth,
          turn,
          after,
          weight: likely * share * STOPS_A_WEEK * (1 - STOPS_A_WEEK) ** turn,
        });
      }
    }
  }
  return courses;
}

/** How likely levels are on a course, its height being anything: a log likelihood. */
function fits(levels: readonly Level[], { growth, turn, after }: Course, form: number): number {
  let weights = 0;
  let sum = 0;
  let squares = 0;
  let logs = 0;
  for (const { week, level, sd } of levels) {
    const variance = form ** 2 + sd ** 2;
    const on = growth * Math.min(week, turn) + after * Math.max(0, week - turn);
    const off = level - on;
    weights += 1 / variance;
    sum += off / variance;
    squares += off ** 2 / variance;
    logs += Math.log(variance);
  }
  return -(squares - sum ** 2 / weights + logs + Math.log(weights)) / 2;
}

/** Fewer sessions or weeks than this say nothing yet. */
const LEAST = { sessions: 6, weeks: 3 } as const;
/** A stop is one when it has lasted so many weeks. */
const LASTS = 1;
/** How sure a verdict is before it is said (simulator; docs/formulas.md has what it costs). */
const SURE = { responding: 0.85, turned: 0.66, never: 0.8 } as const;

/** What the weighed courses come to in a word. `share` is the part of them for which something holds. */
function verdictOf(
  share: (is: (course: Course) => boolean) => number,
  weeks: number,
  worth: number,
): ResponseVerdict {
  const turned = share(({ turn }) => turn <= weeks - LASTS);
  const back = share(({ after }) => after < 0);
  const never = share(({ turn, growth }) => turn === Infinity && growth < worth / 2);
  if (turned >= SURE.turned) return back >= SURE.turned ? 'going back' : 'fading';
  if (never >= SURE.never) return 'fading';
  return share(({ after }) => after > 0) >= SURE.responding ? 'responding' : 'too early';
}

/**
 * Whether a lift still grows by what is worth having, by all its sessions: every course that it may have taken (how fast it
 * grew, and whether and when it stopped) weighed by how well the sessions fit it. The form of the day, which is most of what
 * sessions differ by, is part of the doubt.
 */
export function responseOf(
  sets: readonly PastSet[],
  lift: Pick<Lift, 'id' | 'repConstant'>,
  person: { trainingMonths: number },
): Response {
  const levels = levelsOf(sets, lift);
  const weeks = levels.at(-1)?.week ?? 0;
  const courses = coursesOf(weeks, person.trainingMonths);
  const worth = worthHaving(person);
  const judged = FORMS.flatMap((form) =>
    courses.map((course) => ({
      course,
      log: Math.log(course.weight) + (levels.length > 0 ? fits(levels, course, form) : 0),
    })),
  );
  const most = Math.max(...judged.map(({ log }) => log));
  const weighed = judged.map(({ course, log }) => ({ course, weight: Math.exp(log - most) }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const share = (is: (course: Course) => boolean) =>
    weighed.reduce((sum, { course, weight }) => sum + (is(course) ? weight : 0), 0) / total;
  const told = levels.length >= LEAST.sessions && weeks >= LEAST.weeks;
  return {
    verdict: told ? verdictOf(share, weeks, worth) : 'too early',
    slope: slopeOf(weighed, total),
    growing: share(({ after }) => after >= worth),
    sessions: levels.length,
    weeks,
  };
}

/** The growth of late: its middle, and the range that holds it four times in five. */
function slopeOf(weighed: readonly { course: Course; weight: number }[], total: number) {
  const ordered = [...weighed].sort((a, b) => a.course.after - b.course.after);
  const at = (share: number) => {
    let passed = 0;
    for (const { course, weight } of ordered) {
      passed += weight / total;
      if (passed >= share) return course.after;
    }
    return ordered.at(-1)?.course.after ?? 0;
  };
  return { middle: at(0.5), low: at(0.1), high: at(0.9) };
}
