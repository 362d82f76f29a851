import { OPEN_RESERVE } from '../../unit/reserve';
import type { Lift } from '../../lift/lift';
import type { PastSet } from '../../strength/past-set';

/** A lift's level on a day: the log of the load that its sets say it would lift once. */
export interface Level {
  sessionId: string;
  /** Weeks since the first set of all. */
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
/** The constant of lifts that are only there to tell the day's form. */
const USUAL_CONSTANT = 30;

function levelOf(done: readonly PastSet[], repConstant: number, firstMs: number): Level {
  const levels = done.map((set, nth) => {
    const left = Math.min(OPEN_RESERVE + 0.5, set.rir ?? 2);
    const reps = set.cleanReps + left;
    return Math.log(set.loadG) + Math.log(1 + reps / repConstant) + nth * TIRED;
  });
  return {
    sessionId: done[0]!.sessionId,
    week: (Date.parse(done[0]!.at) - firstMs) / WEEK_MS,
    level: levels.reduce((sum, each) => sum + each, 0) / levels.length,
    sd: SET_REPS / (repConstant + 10) / Math.sqrt(levels.length),
  };
}

/** By lift and session, oldest first; sets that only bound a level say nothing of how it moves. */
function levelsByLift(
  sets: readonly PastSet[],
  { id, repConstant }: Pick<Lift, 'id' | 'repConstant'>,
): Map<string, Level[]> {
  const counted = sets.filter(
    ({ bearing, cleanReps, loadG }) => bearing === 'counts' && cleanReps >= 1 && loadG > 0,
  );
  const firstMs = Date.parse(counted[0]?.at ?? '1970-01-01T00:00:00.000Z');
  const done = new Map<string, Map<string, PastSet[]>>();
  for (const set of counted) {
    const sessions = done.get(set.liftId) ?? new Map<string, PastSet[]>();
    sessions.set(set.sessionId, [...(sessions.get(set.sessionId) ?? []), set]);
    done.set(set.liftId, sessions);
  }
  return new Map(
    [...done].map(([liftId, sessions]) => [
      liftId,
      [...sessions.values()].map((each) =>
        levelOf(each, liftId === id ? repConstant : USUAL_CONSTANT, firstMs),
      ),
    ]),
  );
}

/** Sessions so many weeks to either side tell what is usual of a lift at that time. */
const NEAR_WEEKS = 4;
/** Fewer sessions near than this tell nothing of the day. */
const NEAR_SESSIONS = 4;
/** What a session of a lift varies by beside the day, and what days vary by, as log loads. */
const OWN_SD = 0.016;
const DAY_SD = 0.025;

/** How far a session lies from what is usual of its lift, and how well that is known. */
interface Off {
  off: number;
  variance: number;
}

/**
 * How far each session of a lift lies from a straight line through those near it; nothing where there are too few. At the ends
 * the line only comes from one side, and says less.
 */
function offUsual(levels: readonly Level[]): Map<string, Off> {
  const off = new Map<string, Off>();
  for (const { sessionId, week, level } of levels) {
    let [n, sumW, sumL, sumWW, sumWL] = [0, 0, 0, 0, 0];
    for (const near of levels) {
      const from = near.week - week;
      if (near.sessionId === sessionId || Math.abs(from) > NEAR_WEEKS) continue;
      n += 1;
      sumW += from;
      sumL += near.level;
      sumWW += from * from;
      sumWL += from * near.level;
    }
    const spread = sumWW - (sumW * sumW) / n;
    if (n < NEAR_SESSIONS || spread <= 0) continue;
    const slope = (sumWL - (sumW * sumL) / n) / spread;
    const middle = sumW / n;
    off.set(sessionId, {
      off: level - (sumL / n - slope * middle),
      variance: OWN_SD ** 2 * (1 + 1 / n + middle ** 2 / spread),
    });
  }
  return off;
}

/**
 * The levels of a lift by session, with the form of the day taken out as far as the other lifts of the session show it: a bad
 * night lowers all of them, growth that stops only moves what is usual.
 */
export function levelsOf(
  sets: readonly PastSet[],
  lift: Pick<Lift, 'id' | 'repConstant'>,
): Level[] {
  const all = levelsByLift(sets, lift);
  const own = all.get(lift.id) ?? [];
  const others = [...all].flatMap(([id, levels]) => (id === lift.id ? [] : [offUsual(levels)]));
  return own.map((level) => {
    const seen = others.flatMap((off) => off.get(level.sessionId) ?? []);
    if (seen.length === 0) return level;
    const known = seen.reduce((sum, { variance }) => sum + 1 / variance, 1 / DAY_SD ** 2);
    const form = seen.reduce((sum, { off, variance }) => sum + off / variance, 0) / known;
    return { ...level, level: level.level - form, sd: Math.hypot(level.sd, Math.sqrt(1 / known)) };
  });
}
