import { breathingOut, findLift, safetyFaults, styleOf, type TaughtStyle } from '@spalo/catalog';
import {
  exhales,
  loadables,
  startsCareful,
  type FloorContext,
  type Lift,
  type LiftState,
  type Loads,
  type Person,
  type Room,
  type StrengthProfile,
  type Unit,
} from '@spalo/core';

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
  client: Pick<Person, 'cautions'> | undefined,
): LiftHere | null {
  const lift = findLift(plan.liftId);
  if (!lift) return null;
  const taught = styleOf(lift.id, plan.styleId);
  const style = client && exhales(client) ? breathingOut(taught) : taught;
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
