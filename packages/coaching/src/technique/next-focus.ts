import type { TaughtFault, TaughtStyle } from '@spalo/catalog';
import { memoryOf } from '@spalo/core/memory';
import { countedSets, mainFault, type LiftState } from '@spalo/core/session';
import { isOwnCue, noTally, type CueTally } from '@spalo/core/technique';
import type { CoachedClient } from '../client/client';
import { cuesAgainst, knownOf } from './cue-choice';

/** Sessions without a mark, this one included, after which the focus moves on. */
const CLEAN_SESSIONS = 3;

/** The client's own cue against a fault: one that helped twice, the one that helped most. */
function ownCue(
  fault: TaughtFault,
  style: TaughtStyle,
  known: Record<string, CueTally>,
): string | null {
  const own = cuesAgainst(fault, style).filter(({ id }) => isOwnCue(known[id] ?? noTally));
  return own.sort((a, b) => known[b.id]!.helped - known[a.id]!.helped)[0]?.id ?? null;
}

/**
 * The cue that a client works on next time: their own against the fault of today; after three clean sessions the
 * style's next, so that the focus moves on; else the one in hand.
 */
export function nextFocus(
  state: LiftState,
  style: TaughtStyle,
  client: Pick<CoachedClient, 'history'>,
): string | null {
  const working = countedSets(state, 'working');
  const fault = mainFault(working, style.faults);
  const current = state.focusCueId;
  const named = fault && style.faults.find(({ id }) => id === fault.id);
  if (named) return ownCue(named, style, knownOf(client, state)) ?? current;
  const before = memoryOf(client.history, state.plan.liftId).faults.slice(0, CLEAN_SESSIONS - 1);
  const clean = before.length === CLEAN_SESSIONS - 1 && before.every((each) => each === null);
  if (!clean || working.length === 0) return current;
  const at = style.cues.findIndex(({ id }) => id === current);
  const point = style.cues[at]?.checkpointId;
  return style.cues.slice(at + 1).find((cue) => cue.checkpointId !== point)?.id ?? current;
}
