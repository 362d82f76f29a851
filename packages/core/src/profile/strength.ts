import { estimatedOneRepMax, loadForReps } from '../epley';
import type { Lift, LoadBelief } from '../lift';
import type { Grams } from '../mass';
import { openFlags, type Person } from '../person';
import { age, observe, type LogBelief } from './log-belief';
import { priorBelief } from './prior';

/** A working set done before, as evidence. `rir` 4 means "4 or more"; null means nobody said. */
export interface PastSet {
  liftId: string;
  sessionId: string;
  /** ISO time. */
  at: string;
  loadG: Grams;
  cleanReps: number;
  rir: number | null;
}

/** What the answer rests on, strongest first. */
export type Certainty = 'known' | 'reported' | 'guessed';

/** The load for a number of reps at a number in reserve, with its range and grounds. */
export interface StrengthAnswer extends LoadBelief {
  /** The conservative first load, a low quantile of the belief; not snapped to equipment. */
  start: Grams;
  certainty: Certainty;
  why: string;
}

/** The belief about one client's strength. A joint profile over all lifts can stand behind the same questions. */
export interface StrengthProfile {
  /** The load for `reps` clean reps with `rir` left, in grams before snapping. */
  loadFor(lift: Lift, reps: number, rir: number): StrengthAnswer;
}

/** Half-width of an 80 % interval in standard deviations. */
const Z80 = 1.2816;
const WEEK_MS = 7 * 24 * 3600 * 1000;

/** How far below the middle a first load lies, in standard deviations. */
const startBelow: Record<Certainty, number> = { known: 0.4, reported: 1, guessed: 1.3 };
const START_BELOW_CAREFUL = 0.4;

interface SessionBest {
  at: number;
  value: number;
  sd: number;
  lowerBound: boolean;
}

/** One observation a session, from its strongest set: later sets carry fatigue, not weakness. */
function sessionBests(sets: readonly PastSet[]): SessionBest[] {
  const bests = new Map<string, SessionBest>();
  for (const set of sets) {
    if (set.cleanReps < 1 || set.loadG <= 0) continue;
    const rir = set.rir ?? 2;
    const value = Math.log(estimatedOneRepMax(set.loadG, set.cleanReps + rir));
    const best = bests.get(set.sessionId);
    if (best && best.value >= value) continue;
    bests.set(set.sessionId, {
      at: Date.parse(set.at),
      value,
      sd: 0.06 + 0.015 * rir + (set.rir === null ? 0.05 : 0),
      lowerBound: set.rir === 4,
    });
  }
  return [...bests.values()].sort((a, b) => a.at - b.at);
}

function withReports(belief: LogBelief, person: Person, lift: Lift): LogBelief {
  return person.reports
    .filter((report) => report.liftId === lift.id)
    .reduce((held, report) => {
      const value = Math.log(estimatedOneRepMax(report.loadG, report.reps));
      return observe(held, value, Math.min(0.5, 0.18 + 0.012 * report.monthsAgo));
    }, belief);
}

function withSets(prior: LogBelief, sets: readonly PastSet[], nowMs: number): LogBelief {
  let belief = prior;
  let seen: number | null = null;
  for (const best of sessionBests(sets)) {
    if (seen !== null) belief = age(belief, Math.max(0, best.at - seen) / WEEK_MS);
    // "4 or more" is a lower bound: it may raise the belief, never lower it.
    if (!best.lowerBound || best.value > belief.mu) belief = observe(belief, best.value, best.sd);
    seen = best.at;
  }
  return seen === null ? belief : age(belief, Math.max(0, nowMs - seen) / WEEK_MS);
}

function reason(certainty: Certainty, sets: readonly PastSet[]): string {
  if (certainty === 'known') {
    const sessions = new Set(sets.map((set) => set.sessionId)).size;
    return `From ${sets.length} working ${sets.length === 1 ? 'set' : 'sets'} in ${sessions} ${
      sessions === 1 ? 'session' : 'sessions'
    }`;
  }
  if (certainty === 'reported') return 'Careful start: from what the client says they lifted';
  return 'Careful start: guessed from body mass and training time';
}

/**
 * A separate belief for each lift: prior from the person, reports as weak observations, then one
 * observation a session by Epley (1985), with doubt that grows between sessions.
 * `now` is an ISO time and fixes age and the growth of doubt.
 */
export function readStrength(
  person: Person,
  pastSets: readonly PastSet[],
  now: string,
): StrengthProfile {
  const nowMs = Date.parse(now);
  const year = Number(now.slice(0, 4));
  const careful = person.nervous || openFlags(person).length > 0;
  return {
    loadFor(lift, reps, rir) {
      const sets = pastSets.filter((set) => set.liftId === lift.id && set.cleanReps > 0);
      const reported = person.reports.some((report) => report.liftId === lift.id);
      const certainty: Certainty = sets.length > 0 ? 'known' : reported ? 'reported' : 'guessed';
      const prior = withReports(priorBelief(person, lift, year), person, lift);
      const belief = withSets(prior, sets, nowMs);
      const at = (z: number) => loadForReps(Math.exp(belief.mu + z * belief.sd), reps + rir);
      return {
        mean: at(0),
        low: at(-Z80),
        high: at(Z80),
        start: at(-startBelow[certainty] - (careful ? START_BELOW_CAREFUL : 0)),
        certainty,
        why: reason(certainty, sets),
      };
    },
  };
}
