import { findLift, safetyFaults, styleOf, type TaughtStyle } from '@spalo/catalog';
import type { FloorContext } from '@spalo/core/floor';
import type { Lift } from '@spalo/core/lift';
import { loadables, type Loads } from '@spalo/core/loads';
import { startsCareful, type Person } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import type { LiftState } from '@spalo/core/session';
import type { StrengthProfile } from '@spalo/core/strength';
import type { Unit } from '@spalo/core/unit';
import { taughtTo, type Learner } from '../technique/taught-to';

/** A lift of a session with what the catalogue knows of it here: its facts, its style for this client, its loads. */
export interface LiftHere {
  lift: Lift;
  style: TaughtStyle;
  loads: Loads;
}

/** A lift of a session as it is done here; null for one that the catalogue does not hold. */
export function liftHere(
  { plan }: Pick<LiftState, 'plan'>,
  room: Room,
  client: Learner | undefined,
  now: string,
): LiftHere | null {
  const lift = findLift(plan.liftId);
  if (!lift) return null;
  const style = taughtTo(styleOf(lift.id, plan.styleId), client, now);
  return { lift, style, loads: loadables(room, plan.implement) };
}

/** What the next set of a lift is proposed from. */
export const floorContextFor = (
  { lift, style, loads }: LiftHere,
  client: Person | undefined,
  strength: StrengthProfile,
  unit: Unit,
  now: string,
): FloorContext => ({
  lift,
  loads,
  unit,
  flags: client?.flags ?? [],
  safetyFaults: safetyFaults(style),
  strength,
  careful: client !== undefined && startsCareful(client, now),
  since: now,
});
