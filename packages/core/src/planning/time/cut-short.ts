import { BETWEEN_LIFTS_S } from '../../lift/rest';
import type { Room } from '../../room/room';
import type { PlannedLift, Step } from '../../session/plan';
import { stepsDuration } from './duration';
import { byTheRule, type Pace } from './pace';

/** A lift of a session with what is still to do of it. */
export interface LiftLeft {
  liftId: string;
  /** Whether a set of it is done: then it is not left out. */
  begun: boolean;
  /** Its ramp and the change to it, seconds. */
  beforeS: number;
  /** Working sets to come, and what one of them takes with its rest, seconds. */
  sets: number;
  setS: number;
}

/** What a session is cut to. */
export interface CutSession {
  /** Lifts that are left out. */
  leftOut: string[];
  /** Working sets to come of each lift that stays. */
  sets: ReadonlyMap<string, number>;
  /** What is then still to do, seconds. */
  seconds: number;
}

/** What is to come of a lift, from its next step on, at the client's pace. `begun`: a set of it is done. */
export function liftLeft(
  plan: Pick<PlannedLift, 'liftId' | 'implement' | 'counted'>,
  { ahead, begun }: { ahead: readonly Step[]; begun: boolean },
  room: Room,
  pace: Pace = byTheRule,
): LiftLeft {
  const sets = ahead.filter(({ kind }) => kind === 'working').length;
  const { warmUpS, workS } = stepsDuration(ahead, plan, room);
  const slower = pace.ofLift(plan.liftId);
  return {
    liftId: plan.liftId,
    begun,
    beforeS: (warmUpS + (begun ? 0 : BETWEEN_LIFTS_S)) * slower,
    sets,
    setS: sets > 0 ? (workS / sets) * slower : 0,
  };
}

/** Two hard sets keep most of what three give; below that a lift is hardly worth its ramp. */
const WORTH_A_RAMP = 2;

/**
 * Cuts what is left of a session to some seconds, as little as serves: first a set of the lifts with most of them, down to
 * two, the last lift first, for what comes first matters most; then whole lifts, the last first; at the end single sets. Sets
 * that there is time for again come back, the first lift's first. One set of the first lift and of what is begun stays in any
 * case, and so may take longer than there is.
 */
export function cutShort(lifts: readonly LiftLeft[], seconds: number): CutSession {
  const left = lifts
    .filter(({ sets }) => sets > 0)
    .map((lift) => ({ ...lift, planned: lift.sets, out: false }));
  const takes = () =>
    left.reduce((sum, { out, beforeS, sets, setS }) => sum + (out ? 0 : beforeS + sets * setS), 0);
  const oneLess = (least: number) => {
    const most = Math.max(0, ...left.map(({ out, sets }) => (out ? 0 : sets)));
    const lift = left.findLast(({ out, sets }) => !out && sets === most && sets > least);
    if (lift) lift.sets -= 1;
    return lift !== undefined;
  };
  const oneLiftOut = () => {
    const lift = left.findLast((each) => !each.out && !each.begun && each !== left[0]);
    if (lift) lift.out = true;
    return lift !== undefined;
  };
  while (takes() > seconds && (oneLess(WORTH_A_RAMP) || oneLiftOut() || oneLess(1)));
  const stay = left.filter(({ out }) => !out);
  // A whole lift left out may leave time for sets that went before it.
  for (const lift of stay)
    while (lift.sets < lift.planned && takes() + lift.setS <= seconds) lift.sets += 1;
  return {
    leftOut: left.filter(({ out }) => out).map(({ liftId }) => liftId),
    sets: new Map(stay.map(({ liftId, sets }) => [liftId, sets])),
    seconds: Math.round(takes()),
  };
}
