import { setUpPhases, type TaughtStyle } from '@spalo/catalog';
import { memoryOf, type ClientHistory } from '@spalo/core/memory';
import { countedSets, type LiftState } from '@spalo/core/session';

/** Sessions back that say what a client gets wrong. */
const SESSIONS = 4;
/** More than that nobody looks at before a set. */
const MOST = 3;

/**
 * The set-up points that this client got wrong, most often first, at most three: those that the cues against their
 * marked faults point at, in the latest sessions and today. Ids of checkpoints.
 */
export function pointsGotWrong(
  style: TaughtStyle,
  state: LiftState,
  history: Pick<ClientHistory, 'lifts'> | undefined,
): string[] {
  const before = history ? (memoryOf(history, state.plan.liftId).marked ?? []) : [];
  const marks = [...before.slice(0, SESSIONS).flatMap(({ sets }) => sets), ...countedSets(state)]
    .flatMap((set) => set.marks)
    .map(({ faultId }) => faultId);
  const wrong = new Map<string, number>();
  for (const fault of style.faults) {
    const seen = marks.filter((id) => id === fault.id).length;
    if (seen === 0) continue;
    const points = style.cues
      .filter((cue) => fault.cueIds.includes(cue.id) && setUpPhases.has(cue.phase))
      .map((cue) => cue.checkpointId);
    for (const id of new Set(points)) wrong.set(id, (wrong.get(id) ?? 0) + seen);
  }
  return [...wrong]
    .sort(([, one], [, other]) => other - one)
    .slice(0, MOST)
    .map(([id]) => id);
}
