import { easierLiftOf, findLift, regressionOf } from '@spalo/catalog';
import { decide, type Decision } from '@spalo/core/decision';
import { flagsAfter } from '@spalo/core/floor';
import { madeMs } from '@spalo/core/log';
import { evidenceOf, memoryOf } from '@spalo/core/memory';
import { isClosed, liftLimit, startsCareful, type Flag } from '@spalo/core/person';
import { usualRir } from '@spalo/core/planning';
import type { LiftState, OwnRule, SessionState } from '@spalo/core/session';
import type { StrengthProfile } from '@spalo/core/strength';
import type { Unit } from '@spalo/core/unit';
import { aheadAfter } from './block-today';
import type { CoachedClient } from '../client/client';
import { withMarksToday } from '../technique/faults';
import type { LiftHere } from './floor-context';
import { nextFocus } from '../technique/next-focus';

/** The rule for a lift's proposals: what was said of it today, else what stands from before. */
export const ruleFor = (
  { plan, rule }: LiftState,
  client: Pick<CoachedClient, 'history'>,
): OwnRule | null =>
  rule === undefined ? (memoryOf(client.history, plan.liftId).rule ?? null) : rule;

/** The flags that a client had when a session began: what it raised itself is no ground from before it. */
const flagsBefore = (flags: readonly Flag[], { startedAt }: SessionState) =>
  flags.filter(({ id }) => !(madeMs(id) > Date.parse(startedAt)));

/** The nearest easier lift of the ladder that nothing closes; null where there is none. */
function easierOpen(liftId: string, client: CoachedClient, now: string): string | null {
  const easier = easierLiftOf(liftId);
  const lift = easier === null ? undefined : findLift(easier);
  if (easier === null || !lift) return null;
  return isClosed(liftLimit(client, lift, now)) ? easierOpen(easier, client, now) : easier;
}

/** What changes next time for a lift of a session, by what the catalogue teaches and the client left behind. */
export function decideFor(
  state: LiftState,
  { lift, style, loads }: LiftHere,
  before: CoachedClient,
  strength: StrengthProfile,
  { unit, now, session }: { unit: Unit; now: string; session?: SessionState },
): Decision {
  // All that was felt in the session binds each of its lifts, whichever is decided first.
  const flags = session ? flagsAfter(session, before.flags) : before.flags;
  const client = { ...before, flags };
  const seen = withMarksToday(state);
  const focused = { ...seen, focusCueId: nextFocus(seen, style, client) };
  return decide(focused, {
    lift,
    loads,
    unit,
    flags: session ? flagsBefore(before.flags, session) : before.flags,
    client,
    now,
    faults: style.faults,
    regression: regressionOf(lift.id),
    easierLift: easierOpen(lift.id, client, now),
    faultHistory: memoryOf(client.history, lift.id).faults,
    strength,
    usualRir: usualRir(client, now),
    careful: startsCareful(client, now),
    rule: ruleFor(state, client),
    ahead: session ? aheadAfter(client, session, state.plan, now, evidenceOf(session)) : null,
  });
}
