import { cueOf, faultOf, type TaughtCue, type TaughtFault, type TaughtStyle } from '@spalo/catalog';
import { memoryOf } from '@spalo/core/memory';
import { countedSets, type LiftState } from '@spalo/core/session';
import type { CoachedClient } from '../client/client';

/** A cue that was said before the last set, and the fault that it was to answer. */
export interface CueToJudge {
  cue: TaughtCue;
  fault: TaughtFault;
}

/** The fault that is worked on: the one marked last today, else the main one of the sessions before. */
function workedOn(
  state: LiftState,
  style: TaughtStyle,
  client: Pick<CoachedClient, 'history'> | undefined,
): TaughtFault | undefined {
  const { liftId, styleId } = state.plan;
  const mark = countedSets(state, 'working')
    .findLast((set) => set.marks.length > 0)
    ?.marks.at(-1);
  if (mark) return faultOf(liftId, mark.styleId ?? styleId, mark.faultId);
  const before = client ? memoryOf(client.history, liftId).faults.find((id) => id !== null) : null;
  return style.faults.find((fault) => fault.id === before);
}

/** The focus cue to judge after a working set; null where there was no set since, or nothing that it was to mend. */
export function cueToJudge(
  state: LiftState,
  style: TaughtStyle,
  client: Pick<CoachedClient, 'history'> | undefined,
): CueToJudge | null {
  const last = countedSets(state, 'working').at(-1);
  const judged = state.judged.at(-1);
  if (!last || (judged && judged.id > last.id)) return null;
  const { liftId, styleId } = state.plan;
  const cue = cueOf(liftId, styleId, state.focusCueId);
  const fault = workedOn(state, style, client);
  return cue && fault ? { cue, fault } : null;
}
