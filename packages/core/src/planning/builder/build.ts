import { secondsFor, setsFor, type BuildAsk, type Candidate, type Chosen, type Taken } from './ask';
import type { Cover } from './cover';
import { fullMuscleBeside, idleOf, type Idle } from './idle';
import { lacksOf, uncoveredBy, type Lack, type Uncovered } from './lacks';
import { inBestOrder } from './order';
import { choiceOf, programmeOf, type Solve } from './programme';
import { insteadOf, reasonsFor, type Instead, type Reason } from './reasons';
import { worthIn } from './worth';

/** A lift of a built session. */
export interface BuiltLift extends Chosen {
  seconds: number;
  isNew: boolean;
  reasons: Reason[];
  /** What could stand in its place, the best first; the first is what it pushed out. */
  instead: Instead[];
}

/** A built session, in order. */
export interface BuiltSession {
  lifts: BuiltLift[];
  /** Movements that the week lacks and the session does not bring. */
  uncovered: Uncovered[];
  /** Time that it leaves free, where that would be enough for a lift more. */
  idle: Idle | null;
  /** What it is worth, in points; only to compare sessions of one ask. */
  points: number;
  /** Seconds that its lifts take. */
  seconds: number;
}

export type Built = { session: BuiltSession } | { lacks: Lack[] };

/** So many choices without an order are set aside before it is said that there is none. */
const MOST_TRIES = 24;

interface Placed {
  lift: Candidate['lift'];
  isNew: boolean;
  place?: number;
  taken: Chosen;
  candidate: Candidate;
}

function placed(taken: Chosen, ask: BuildAsk): Placed {
  const candidate = ask.candidates.find(({ lift }) => lift.id === taken.liftId)!;
  const place = ask.fixed.find(({ liftId }) => liftId === taken.liftId)?.place;
  const { lift, isNew } = candidate;
  return { lift, isNew, taken, candidate, ...(place !== undefined && { place }) };
}

/** The best choice that has an order, in it; null where none has. */
function solved(ask: BuildAsk, solve: Solve): Placed[] | null | 'order' {
  const never: string[][] = [];
  while (never.length < MOST_TRIES) {
    const values = solve(programmeOf(ask, never));
    if (!values) return never.length > 0 ? 'order' : null;
    const choice = choiceOf(values, ask);
    const ordered = inBestOrder(
      choice.map((taken) => placed(taken, ask)),
      ask.steadyFirst,
    );
    if (ordered) return ordered;
    never.push(choice.map(({ liftId }) => liftId));
  }
  return 'order';
}

/**
 * Builds a session: of all choices that keep every limit the one that is worth most, in the best order, each lift with its
 * reasons; or the limits that stand in the way of what was fixed. `coverBy`: the cover of any lift, open or not.
 */
export function buildSession(
  ask: BuildAsk,
  solve: Solve,
  coverBy: (liftId: string) => Cover | null,
): Built {
  const lacks = lacksOf(ask);
  if (lacks.length > 0) return { lacks };
  const found = solved(ask, solve);
  if (found === 'order') return { lacks: [{ limit: 'order' }] };
  if (!found || found.length === 0) return { lacks: [nothingOf(ask)] };
  const choice = found.map(({ taken }) => taken);
  const worthOf = worthIn(ask);
  const lifts = found.map(({ taken, candidate, isNew }) => ({
    ...taken,
    isNew,
    seconds: secondsFor(candidate, taken.sets, ask),
    reasons: reasonsFor(taken, choice, ask, worthOf),
    instead: insteadOf(taken, choice, ask, worthOf),
  }));
  const taken = found.map(({ candidate }, at): Taken => {
    const { sets, seconds } = lifts[at]!;
    return { candidate, sets, seconds };
  });
  return {
    session: {
      lifts,
      uncovered: uncoveredBy(taken, ask, coverBy),
      idle: idleOf(taken, ask),
      points: worthOf(choice).points,
      seconds: lifts.reduce((sum, { seconds }) => sum + seconds, 0),
    },
  };
}

/** Why not one lift has a place: the time, or the week. */
function nothingOf(ask: BuildAsk): Lack {
  const shortest = Math.min(...ask.candidates.map((each) => Math.min(...each.seconds)));
  const seconds = shortest - ask.seconds;
  if (seconds > 0) return { limit: 'time', seconds };
  const fullMuscle = fullMuscleBeside([], ask);
  const open = ask.candidates.filter((each) => setsFor(each, ask).length > 0);
  const full = open.flatMap((each) => fullMuscle(each) ?? []);
  return { limit: 'week', full: [...new Set(full)] };
}
