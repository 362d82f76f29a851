import type { Lift } from '../lift/lift';
import { loadables } from '../loads/loadables';
import { atOrBelow } from '../loads/loads';
import { ofNearLoads } from '../loads/near-loads';
import type { LiftMemory } from '../memory/lift-memory';
import { startsCareful } from '../person/careful';
import { isClosed } from '../person/limit';
import { rangeLimit, rangeOf, workingRange } from '../person/limits';
import type { Person } from '../person/person';
import type { Implement } from '../room/implement';
import type { Room } from '../room/room';
import type { Again, LiftPlan } from '../session/plan';
import type { StrengthProfile } from '../strength/profile';
import { aimHere, bestSets, choose, isDear } from '../strength/worth';
import type { Grams } from '../unit/mass';
import type { Why } from '../words/why';

/** What a kept plan is looked at with. */
export interface Grounds {
  lift: Lift;
  memory: LiftMemory;
  person: Person;
  profile: StrengthProfile;
  room: Room;
  /** ISO time. */
  now: string;
  /** They were away from it: what is believed by now is no ground. */
  away: boolean;
}

/** A body that changed by this share changes what the body lifts. */
const BODY_CHANGE = 0.01;
/** A plan that the belief gives less than this chance to be finished was not decided on what is believed now. */
const LIKELY = 0.4;
/** How far round the belief another load is looked for. */
const REACH = { up: 0.1, down: 0.15 } as const;

const bodyOf = (implement: Implement): Grams | null =>
  implement.kind === 'body' || implement.kind === 'assisted' ? implement.bodyG : null;

/** Why a plan that was kept is to be decided again; null where it stands. */
function whyAgain(plan: LiftPlan, today: Implement, grounds: Grounds): Why | null {
  const { lift, memory, person, profile, now } = grounds;
  const changed = memory.decided?.changed;
  if (changed === 'corrected') return { code: 'set-corrected' };
  if (changed === 'left out') return { code: 'set-left-out' };
  const range = rangeLimit(person, lift, rangeOf(plan.reps), { now, faults: memory.faults });
  if (isClosed(range)) return { code: 'reps-closed', reps: plan.reps, why: range.why };
  const [had, has] = [bodyOf(plan.implement), bodyOf(today)];
  if (had !== null && has !== null && Math.abs(has - had) > had * BODY_CHANGE) {
    return { code: 'body-changed', hadG: had, hasG: has };
  }
  const { loadG, reps, targetRir } = plan;
  if (memory.decided?.own || grounds.away) return null;
  if (profile.loadFor(lift, reps, targetRir).certainty !== 'known') return null;
  const asked = { liftId: lift.id, loadG, reps, cleanReps: reps, rir: targetRir };
  const chance = profile.outlook(lift, targetRir, 'another').atLeast(loadG, reps, 0);
  if (profile.doubt(asked)?.kind === 'heavy' || chance < LIKELY) {
    return { code: 'no-longer-fits', percent: Math.round(100 * chance) };
  }
  return null;
}

/** What would be decided from nothing but what is believed today. */
function decidedToday(plan: LiftPlan, today: Implement, grounds: Grounds): LiftPlan | null {
  const { lift, memory, person, profile, room, now } = grounds;
  const loads = loadables(room, today);
  const range = workingRange(person, lift, { now, faults: memory.faults });
  const { targetRir } = plan;
  const near = atOrBelow(loads, profile.loadFor(lift, range.low, targetRir).mean);
  if (!near) return null;
  const careful = isDear(startsCareful(person, now), profile.setsOf(lift));
  const aim = aimHere(loads, range, { targetRir, careful });
  const outlook = profile.outlook(lift, targetRir, 'another');
  const judged = ofNearLoads(loads, near.loadG, REACH, (loadG) =>
    bestSets(outlook, loadG, plan.sets, aim),
  );
  const { best } = choose(judged, 0);
  return { ...plan, implement: today, repRange: range, loadG: best.loadG, reps: best.reps[0]! };
}

/**
 * The plan that a lift goes on with: the one that was kept, or, where a correction, a set left out, a closed range, a
 * body mass or the belief took its grounds away, one decided today with the old one beside it.
 */
export function decideAgain(
  plan: LiftPlan,
  today: Implement,
  grounds: Grounds,
): { plan: LiftPlan; again: Again | null } {
  const why = whyAgain(plan, today, grounds);
  const decided = why === null ? null : decidedToday(plan, today, grounds);
  const same = decided?.loadG === plan.loadG && decided.reps === plan.reps;
  if (why === null || decided === null || same) return { plan, again: null };
  return { plan: decided, again: { loadG: plan.loadG, reps: plan.reps, why } };
}
