import { easierLiftOf, regressionOf } from '@spalo/catalog';
import {
  decide,
  evidenceOf,
  memoryOf,
  startsCareful,
  usualRir,
  workingRange,
  type Decision,
  type LiftState,
  type OwnRule,
  type SessionState,
  type StrengthProfile,
  type Unit,
} from '@spalo/core';
import { aheadAfter } from './block-today';
import type { CoachedClient } from './client';
import { withMarksToday } from './faults';
import type { LiftHere } from './floor-context';
import { nextFocus } from './next-focus';

/** The rule for a lift's proposals: what was said of it today, else what stands from before. */
export const ruleFor = (
  { plan, rule }: LiftState,
  client: Pick<CoachedClient, 'history'>,
): OwnRule | null =>
  rule === undefined ? (memoryOf(client.history, plan.liftId).rule ?? null) : rule;

/** What changes next time for a lift of a session, by what the catalogue teaches and the client left behind. */
export function decideFor(
  state: LiftState,
  { lift, style, loads }: LiftHere,
  client: CoachedClient,
  strength: StrengthProfile,
  { unit, now, session }: { unit: Unit; now: string; session?: SessionState },
): Decision {
  const seen = withMarksToday(state);
  const focused = { ...seen, focusCueId: nextFocus(seen, style, client) };
  return decide(focused, {
    lift,
    loads,
    unit,
    flags: client.flags,
    faults: style.faults,
    regression: regressionOf(lift.id),
    easierLift: easierLiftOf(lift.id),
    faultHistory: memoryOf(client.history, lift.id).faults,
    strength,
    usualRir: usualRir(client, now),
    careful: startsCareful(client, now),
    rule: ruleFor(state, client),
    usualRange: workingRange(client, lift, {
      now,
      faults: memoryOf(client.history, lift.id).faults,
    }),
    ahead: session ? aheadAfter(client, session, state.plan, now, evidenceOf(session)) : null,
  });
}
