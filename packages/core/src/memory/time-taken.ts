import { BETWEEN_LIFTS_S } from '../lift/rest';
import { generalSeconds } from '../warm-up/general/general';
import { setSeconds } from '../warm-up/ramp/ramp-time';
import { partnerOf } from '../session/pair';
import { countedSets, type LiftState, type LoggedSet, type SessionState } from '../session/state';

/** What a part of a session should have taken by its plan, and what it took by the clock, seconds. */
export interface Took {
  ruleS: number;
  tookS: number;
}

/** How long a finished session took: the general part with all that is said before the first set, and lift by lift. */
export interface TimeTaken {
  trainerId: string;
  /** Null where there was no general part, or where nothing can be told of it. */
  general: Took | null;
  lifts: (Took & { liftId: string })[];
}

/** Sessions whose times are kept: how somebody trains changes with the months. */
const KEPT = 8;
/** What took less or more than these shares of its plan was written down afterwards, or broken off: it tells no pace. */
const LEAST = 0.3;
const MOST = 3;
/** A stay of less than this by its plan, as a single set that was broken off, tells none either, seconds. */
const LEAST_S = 30;
/** A general part that took longer than this beyond its plan was left standing, seconds. */
const MOST_BEFORE_S = 1800;

interface Done {
  set: LoggedSet;
  lift: LiftState;
  /** The lifts of a pair are one stay. */
  stay: string;
}

const stayOf = (lift: LiftState, lifts: readonly LiftState[]): string =>
  [lift.plan.liftId, partnerOf(lift, lifts)?.plan.liftId ?? ''].sort().join();

const doneIn = ({ lifts }: SessionState): Done[] =>
  lifts
    .flatMap((lift) => countedSets(lift).map((set) => ({ set, lift, stay: stayOf(lift, lifts) })))
    .sort((one, other) => (one.set.at < other.set.at ? -1 : 1));

/** Sets that were done one after the other of the same lift, or in turn of a pair. */
function staysOf(done: readonly Done[]): Done[][] {
  const stays: Done[][] = [];
  for (const each of done) {
    const last = stays.at(-1);
    if (last?.[0]!.stay === each.stay) last.push(each);
    else stays.push([each]);
  }
  return stays;
}

const secondsOf = ({ set, lift }: Done): number => (lift.plan.counted ? set.reps : setSeconds(set));

/** The rest that was planned after a set; a lift in turn rests while the other works. */
function restAfter({ set, lift }: Done, next: Done): number {
  const restS = (lift.steps[set.step] ?? lift.steps.at(-1))?.restS ?? 0;
  return next.lift === lift ? restS : restS / 2;
}

/** What a stay should take from its first set on: the sets that were done, with the rests planned between them. */
const ruleOf = (stay: readonly Done[]): number =>
  stay.reduce(
    (sum, each, at) => sum + secondsOf(each) + (at > 0 ? restAfter(stay[at - 1]!, each) : 0),
    0,
  );

/**
 * How long a finished session took; null where nothing was done. Seconds from the end of one lift's last set to the end of the next one's are that lift's; what comes before the
 * first set is the general part's.
 */
export function timeTaken(state: SessionState): TimeTaken | null {
  const stays = staysOf(doneIn(state));
  const [first] = stays;
  if (!first) return null;
  let endMs = Date.parse(first[0]!.set.at) - secondsOf(first[0]!) * 1000;
  const beforeS = (endMs - Date.parse(state.startedAt)) / 1000;
  const generalS = generalSeconds(state.general.filter((step) => step.state === 'done'));
  const general =
    generalS > 0 && beforeS > generalS * LEAST && beforeS < generalS + MOST_BEFORE_S
      ? { ruleS: Math.round(generalS), tookS: Math.round(beforeS) }
      : null;
  const lifts = stays.flatMap((stay, at) => {
    const fromMs = endMs;
    endMs = Date.parse(stay.at(-1)!.set.at);
    const ruleS = ruleOf(stay) + (at > 0 ? BETWEEN_LIFTS_S : 0);
    const tookS = (endMs - fromMs) / 1000;
    if (ruleS < LEAST_S || tookS < ruleS * LEAST || tookS > ruleS * MOST) return [];
    const ids = [...new Set(stay.map(({ lift }) => lift.plan.liftId))];
    const share = (seconds: number) => Math.round(seconds / ids.length);
    return ids.map((liftId) => ({ liftId, ruleS: share(ruleS), tookS: share(tookS) }));
  });
  return general || lifts.length > 0 ? { trainerId: state.trainerId, general, lifts } : null;
}

/** The times of the latest sessions with one more; the same where it tells none. */
export function withTime(
  before: readonly TimeTaken[] | undefined,
  state: SessionState,
): TimeTaken[] | undefined {
  const took = timeTaken(state);
  return took ? [...(before ?? []), took].slice(-KEPT) : before && [...before];
}
