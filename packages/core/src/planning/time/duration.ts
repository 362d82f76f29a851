import { buildOf } from '../../floor/build';
import { BETWEEN_LIFTS_S } from '../../lift/rest';
import { CHANGE_OVER_S } from '../../floor/rest';
import type { Room } from '../../room/room';
import { pairedAmong, partnerOf } from '../../session/pair';
import type { LiftPlan, PlannedLift, Step } from '../../session/plan';
import { generalSeconds, type GeneralStep } from '../../warm-up/general/general';
import { byTheRule, type Pace } from './pace';
import { durationOf, setSeconds, type TimedSet } from '../../warm-up/ramp/ramp-time';

/** Seconds of a lift's warm-up, up to the first working set, and of its working sets with the rests between them. */
export interface StepsDuration {
  warmUpS: number;
  workS: number;
}

/** Sets with what they take: a hold the seconds it counts, a metre carried about one. */
const timedSteps = (
  steps: readonly Step[],
  { implement, counted }: Pick<LiftPlan, 'implement' | 'counted'>,
  room: Room,
): TimedSet[] =>
  steps.map((step) => ({
    ...step,
    build: buildOf(step, implement, room, null),
    ...(counted && { setS: step.reps }),
  }));

/** How long the steps of one lift take, one after the other. */
export function stepsDuration(
  steps: readonly Step[],
  plan: Pick<LiftPlan, 'implement' | 'counted'>,
  room: Room,
): StepsDuration {
  const timed = timedSteps(steps, plan, room);
  const warmUps = timed.filter((step) => step.kind === 'warm-up');
  const working = timed.filter((step) => step.kind === 'working');
  const on = warmUps.at(-1)?.build ?? working[0]?.build ?? null;
  return {
    warmUpS: durationOf(warmUps, null, true).totalS,
    workS: durationOf(working, on, false).totalS,
  };
}

/** Sets that a climb to a weight not known yet takes, on the whole: it is planned as three, and goes on while it is far from it. */
export const CLIMB_SETS = 4;

/** The sets that a lift will likely take: as planned, of a climb some more. */
export function likelySteps({
  steps,
  climb,
}: Pick<PlannedLift, 'steps' | 'climb'>): readonly Step[] {
  const last = steps.findLast(({ kind }) => kind === 'working');
  if (!climb || !last) return steps;
  const more = CLIMB_SETS - steps.filter(({ kind }) => kind === 'working').length;
  return [...steps, ...Array.from({ length: Math.max(0, more) }, () => last)];
}

/** Two lifts in turn: each rests while the other works, the change of its load included. */
function inTurnDuration(lifts: readonly [PlannedLift, PlannedLift], room: Room): StepsDuration {
  const turns = lifts.map((lift) => timedSteps(likelySteps(lift), lift, room));
  const ready = [0, 0];
  const next = [0, 0];
  let [now, warmUpS] = [0, 0];
  let at = 0;
  while (turns.some((sets, lift) => next[lift]! < sets.length)) {
    if (next[at]! >= turns[at]!.length) at = 1 - at;
    const set = turns[at]![next[at]!]!;
    const begun = Math.max(ready[at]!, now > 0 ? now + CHANGE_OVER_S : 0);
    now = begun + setSeconds(set);
    if (set.kind === 'warm-up') warmUpS = now;
    ready[at] = now + set.restS;
    next[at]! += 1;
    at = 1 - at;
  }
  return { warmUpS: Math.round(warmUpS), workS: Math.round(now - warmUpS) };
}

/** The lifts of a session as they are done: each alone, or with the one it is done in turn with, in the place of the first. */
function inOrder(lifts: readonly PlannedLift[]): { lift: PlannedLift; partner?: PlannedLift }[] {
  const plans = pairedAmong(lifts.map((plan) => ({ plan })));
  return plans.flatMap((each, place) => {
    const partner = partnerOf(each, plans);
    if (!partner) return [{ lift: each.plan }];
    return plans.indexOf(partner) < place ? [] : [{ lift: each.plan, partner: partner.plan }];
  });
}

/** How long a session takes, part by part, in seconds. */
export interface SessionDuration {
  generalS: number;
  rampsS: number;
  workS: number;
  totalS: number;
  /** What the whole takes by the rule alone. */
  ruleS: number;
}

/** How long a session takes at a client's pace; by the rule alone where none is given. */
export function sessionDuration(
  lifts: readonly PlannedLift[],
  general: readonly GeneralStep[],
  room: Room,
  pace: Pace = byTheRule,
): SessionDuration {
  const generalRuleS = generalSeconds(general);
  let [rampsS, workS, ruleS] = [0, 0, generalRuleS];
  inOrder(lifts).forEach(({ lift, partner }, at) => {
    const part = partner
      ? inTurnDuration([lift, partner], room)
      : stepsDuration(likelySteps(lift), lift, room);
    const between = at > 0 ? BETWEEN_LIFTS_S : 0;
    const slower = partner
      ? (pace.ofLift(lift.liftId) + pace.ofLift(partner.liftId)) / 2
      : pace.ofLift(lift.liftId);
    rampsS += part.warmUpS * slower;
    workS += (part.workS + between) * slower;
    ruleS += part.warmUpS + part.workS + between;
  });
  const whole = Math.round;
  const generalS = whole(generalRuleS + (general.length > 0 ? pace.beforeS : 0));
  return {
    generalS,
    rampsS: whole(rampsS),
    workS: whole(workS),
    totalS: generalS + whole(rampsS) + whole(workS),
    ruleS: whole(ruleS),
  };
}
