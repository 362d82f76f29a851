import { dayAt, rowAt, type Belief } from './belief';
import { ABSENCE, DAY_SD, DRIFT, GAIN } from './constants';

const DAY_MS = 24 * 3600 * 1000;
const WEEK_MS = 7 * DAY_MS;

/** Log gain expected in `weeks` of training after `months` of it. */
const gain = (weeks: number, months: number) =>
  weeks * (GAIN.first * Math.exp(-months / GAIN.fades) + GAIN.lasting);

/**
 * Lets time pass until `nowMs`, in place: gains while training goes on, losses after two weeks without, and doubt
 * that grows. `trainingMonths` is the client's training age. Time that runs backward changes nothing.
 */
export function passTime(belief: Belief, nowMs: number, trainingMonths: number): void {
  const { lifts, mean, cov } = belief;
  const since = belief.atMs;
  if (since === null || nowMs <= since) {
    belief.atMs = since ?? nowMs;
    return;
  }
  belief.atMs = nowMs;
  const count = lifts.length;
  const weeks = (nowMs - since) / WEEK_MS;
  const graceWeeks = ABSENCE.graceDays / 7;
  const away = Math.max(0, weeks - graceWeeks);
  const change =
    gain(Math.min(weeks, graceWeeks), trainingMonths) -
    Math.min(ABSENCE.most, away * ABSENCE.lossPerWeek);
  const shared =
    DRIFT.general ** 2 * Math.min(weeks, 26) + (ABSENCE.doubt * Math.min(away, 12)) ** 2;
  const own = DRIFT.own ** 2 * Math.min(weeks, 26);
  for (let i = 0; i < count; i += 1) {
    mean[i]! += change;
    const row = rowAt(i);
    for (let j = 0; j <= i; j += 1) cov[row + j]! += shared;
    cov[row + i]! += own;
  }
}

/** Lets weeks pass in which training goes on, in place: nobody is away, and so nothing is lost. */
export function passWeeks(belief: Belief, weeks: number, trainingMonths: number): void {
  const start = belief.atMs ?? 0;
  belief.atMs = start;
  for (let left = weeks, at = start; left > 0; left -= 1) {
    at += Math.min(1, left) * WEEK_MS;
    passTime(belief, at, trainingMonths);
  }
}

/** Begins another day, in place: its form is unknown again and has nothing to do with the last one's. */
export function newDay(belief: Belief): void {
  // The day is the last place of the state, so its row is the end of the lower half.
  const day = dayAt(belief);
  belief.cov.fill(0, rowAt(day));
  belief.cov[rowAt(day) + day] = DAY_SD ** 2;
  belief.mean[day] = 0;
}
