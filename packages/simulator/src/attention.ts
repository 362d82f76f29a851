import {
  LONGEST_UNSEEN_MS,
  planWatching,
  unseenReason,
  WORTH_WATCHING,
  worthOfWatching,
  type ComingSet,
} from '@spalo/core/floor';
import type { Random } from './random';

/** How the trainer of a simulated floor goes about it. */
export type FloorPolicy = 'attention' | 'first ready';

/** What a simulated hour, or many, came to. */
interface FloorTally {
  /** Sets worth watching, and those of them that were watched from beginning to end. */
  worth: number;
  seen: number;
  /** Seconds that anybody waited to be watched, at most, and in all. */
  longestWaitS: number;
  waitedS: number;
  sets: number;
  /** The longest that anybody trained without being watched, and the share of times between two watched sets above 20 min. */
  longestUnseenS: number;
  unseen: number;
}

/** Somebody on the floor: when they are ready for which set. */
interface Lane {
  id: string;
  next: ComingSet;
  /** Sets done of the lift in hand. */
  done: number;
  /** When they were last watched (ms). */
  seenMs: number;
}

/** Warm-up sets of a lift, then its working sets; the first of those and now and then another are worth more. */
function setFor(lane: string, nth: number, readyMs: number, random: Random): ComingSet {
  const ramp = 4;
  const working = nth >= ramp;
  const first = nth === ramp;
  const odd = random.unit();
  const weights = [
    ...(working ? [0.1] : []),
    ...(first ? [0.45] : []),
    ...(odd < 0.12 ? [0.4] : []),
    ...(working && odd > 0.7 ? [0.5] : []),
  ];
  return {
    id: lane,
    readyMs,
    seconds: working ? random.between(25, 50) : random.between(12, 30),
    reasons: weights.map((weight) => ({ weight, says: '' })),
  };
}

const restAfter = (nth: number, random: Random) =>
  (nth >= 4 ? random.between(90, 210) : random.between(25, 90)) * 1000;
const SETS_A_LIFT = 7;

/** The set that is begun next, and when: as the plan has it, or whoever is ready first. */
function nextOf(lanes: readonly Lane[], policy: FloorPolicy, nowMs: number, freeMs: number) {
  const sets = lanes.map(({ next }) => next);
  if (policy === 'attention') {
    const asked = lanes.map(({ next, seenMs }) => {
      const unseen = unseenReason(seenMs, Math.max(nowMs, next.readyMs));
      return unseen ? { ...next, reasons: [...next.reasons, unseen] } : next;
    });
    const [first] = planWatching(asked, nowMs, freeMs);
    return { id: first!.id, startMs: first!.startMs, wanted: first!.watched };
  }
  const first = [...sets].sort((a, b) => a.readyMs - b.readyMs)[0]!;
  return { id: first.id, startMs: first.readyMs, wanted: true };
}

/**
 * Hours with some clients on the floor: each set begins when its client is ready, or as much later as the plan asks; the
 * trainer watches one at a time. `first ready` looks at whoever begins while free, `attention` at whom the plan names.
 */
export function simulateFloor(
  { clients, hours, policy }: { clients: number; hours: number; policy: FloorPolicy },
  random: Random,
): FloorTally {
  const tally: FloorTally = {
    worth: 0,
    seen: 0,
    longestWaitS: 0,
    waitedS: 0,
    sets: 0,
    longestUnseenS: 0,
    unseen: 0,
  };
  let [gaps, tooLong] = [0, 0];
  const lanes: Lane[] = Array.from({ length: clients }, (_, at) => {
    const id = String(at);
    return { id, done: 0, seenMs: 0, next: setFor(id, 0, random.between(0, 120) * 1000, random) };
  });
  const endMs = hours * 3_600_000;
  let nowMs = 0;
  let freeMs = 0;
  while (nowMs < endMs) {
    const { id, startMs, wanted } = nextOf(lanes, policy, nowMs, freeMs);
    const lane = lanes.find((each) => each.id === id)!;
    const { readyMs, seconds, reasons } = lane.next;
    nowMs = Math.max(nowMs, startMs);
    const watched = wanted && startMs >= freeMs;
    if (watched) {
      freeMs = startMs + (seconds + 5) * 1000;
      const gapMs = startMs - lane.seenMs;
      gaps += 1;
      if (gapMs > LONGEST_UNSEEN_MS) tooLong += 1;
      tally.longestUnseenS = Math.max(tally.longestUnseenS, gapMs / 1000);
      lane.seenMs = freeMs;
    }
    if (worthOfWatching(reasons) >= WORTH_WATCHING) {
      tally.worth += 1;
      if (watched) tally.seen += 1;
    }
    const waitS = Math.max(0, (startMs - readyMs) / 1000);
    tally.longestWaitS = Math.max(tally.longestWaitS, waitS);
    tally.waitedS += waitS;
    tally.sets += 1;
    const overMs = startMs + seconds * 1000;
    lane.done += 1;
    const nth = lane.done % SETS_A_LIFT;
    lane.next = setFor(id, nth, overMs + restAfter(nth, random), random);
  }
  return { ...tally, unseen: tooLong / gaps };
}
