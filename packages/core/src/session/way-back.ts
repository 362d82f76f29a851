import { studioDay } from '../unit/days';
import type { Side } from '../lift/joints';
import type { FlagPlace } from '../person/person';
import type { Why } from '../words/why';

/** How far a lift is on its way back after pain. */
export interface WayBack {
  /** What hurt, and on which side; absent in what was kept before sides were. */
  place: FlagPlace;
  side?: Side;
  /** Place in `WAY_BACK` that is asked; the one past the last is the whole load, once it may be asked. */
  step: number;
  /** What a hold or a carry goes back to (seconds or metres); absent for what goes back to a load. */
  whole?: number;
  /** When the step before it was first done (ISO), or this one where it is `held`; absent before the first session. */
  since?: string;
  /** The step stays as it was: too soon for the next, or not settled enough. */
  held?: true;
  /** The day before which the whole load is not asked, after what hurt much; absent where nothing keeps it. */
  fullFrom?: string;
}

/** Shares of the believed load on the way back, step by step; after the last it is done as usual. */
export const WAY_BACK = [0.7, 0.8, 0.9] as const;

/** How a joint was on the day after a session of a lift on its way back. */
export const dayAfters = ['settled', 'worse'] as const;
export type DayAfter = (typeof dayAfters)[number];

/** Pain up to which the way goes on, and at which it stays. */
const GOES_ON = 2;
const STAYS = 3;

/** A step takes at least two days: what a joint makes of a load shows on the day after. */
const STEP_MS = 48 * 3600 * 1000;

/**
 * The step after a session at `at` (ISO); null when the way is done. Up to 2 of 10, and settled on the day after the session
 * before, goes on; 3, or a day after that nobody told of, stays; more goes back, and so does what was worse on the day
 * after, which was for the step before this one.
 */
export function stepAfter(
  way: WayBack,
  pain: number,
  dayAfter: DayAfter | undefined,
  at: string,
): WayBack | null {
  const { held, since: known, ...same } = way;
  const since = (held && known) || at;
  const worse = dayAfter === 'worse';
  // Only a first session has no day after to ask about.
  const isTold = dayAfter !== undefined || (way.step === 0 && known === undefined);
  const done = worse ? Math.max(0, way.step - 1) : way.step;
  if (pain > STAYS) return { ...same, step: Math.max(0, Math.min(done, WAY_BACK.length) - 1) };
  if (pain > GOES_ON || !isTold) return { ...same, step: done, since, held: true };
  return done < WAY_BACK.length ? { ...same, step: done + 1, since } : null;
}

/**
 * The step that a session at `now` (ISO) may do: the one before while two days have not passed since that was first done,
 * and while it is too early for the whole load.
 */
export function stepToday(way: WayBack, now: string): WayBack {
  if (way.held || way.step === 0) return way;
  const isSoon = way.since !== undefined && Date.parse(now) - Date.parse(way.since) < STEP_MS;
  const isEarly =
    way.step >= WAY_BACK.length && way.fullFrom !== undefined && studioDay(now) < way.fullFrom;
  return isSoon || isEarly ? { ...way, step: way.step - 1, held: true } : way;
}

/** The share of the believed load that a step asks; 1 for the whole. */
export const shareOfStep = (step: number): number => WAY_BACK[step] ?? 1;

/** Where a lift stands on its way back, and why it has not gone on. */
export const onTheWay = ({ place, step, held, whole }: WayBack): Why =>
  step >= WAY_BACK.length
    ? { code: 'whole-again', place }
    : {
        code: 'on-the-way',
        place,
        step: step + 1,
        of: WAY_BACK.length,
        held: held === true,
        percent: Math.round(shareOfStep(step) * 100),
        believed: whole === undefined,
      };
