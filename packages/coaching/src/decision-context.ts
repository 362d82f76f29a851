import { regressionOf } from '@spalo/catalog';
import {
  decide,
  memoryOf,
  startsCareful,
  usualRir,
  type Decision,
  type LiftState,
  type StrengthProfile,
  type Unit,
} from '@spalo/core';
import type { CoachedClient } from './client';
import { withMarksToday } from './faults';
import type { LiftHere } from './floor-context';

/** What changes next time for a lift of a session, by what the catalogue teaches and the client left behind. */
export function decideFor(
  state: LiftState,
  { lift, style, loads }: LiftHere,
  client: CoachedClient,
  strength: StrengthProfile,
  { unit, now }: { unit: Unit; now: string },
): Decision {
  return decide(withMarksToday(state), {
    lift,
    loads,
    unit,
    flags: client.flags,
    faults: style.faults,
    regression: regressionOf(lift.id),
    faultHistory: memoryOf(client.history, lift.id).faults,
    strength,
    usualRir: usualRir(client, now),
    careful: startsCareful(client, now),
  });
}
