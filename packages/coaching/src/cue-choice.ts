import type { TaughtCue, TaughtFault, TaughtStyle } from '@spalo/catalog';
import {
  memoryOf,
  nextCue,
  noTally,
  type CueChoice,
  type CueTally,
  type LiftState,
} from '@spalo/core';
import type { CoachedClient } from './client';

/**
 * Cues that may answer a fault: those its causes name, then others at the same checkpoints, then of the same phase; then
 * the style's first of each kind that is still missing, since some clients answer to one kind alone.
 */
export function cuesAgainst(fault: TaughtFault, { cues }: TaughtStyle): TaughtCue[] {
  const named = fault.cueIds.flatMap((id) => cues.find((cue) => cue.id === id) ?? []);
  const points = new Set(named.map((cue) => cue.checkpointId));
  const phases = new Set(named.map((cue) => cue.phase));
  const beside = cues.filter((cue) => points.has(cue.checkpointId));
  const near = cues.filter((cue) => phases.has(cue.phase));
  const found = [...new Set([...named, ...beside, ...near])];
  const missing = cues.filter(
    (cue, at) =>
      !found.some((each) => each.kind === cue.kind) &&
      cues.findIndex((each) => each.kind === cue.kind) === at,
  );
  return [...found, ...missing];
}

const plus = (one: CueTally, other: CueTally): CueTally => ({
  helped: one.helped + other.helped,
  same: one.same + other.same,
  worse: one.worse + other.worse,
});

/** What was judged of each cue of a lift with some clients, all together. */
export function tallies(
  clients: readonly Pick<CoachedClient, 'history'>[],
  liftId: string,
): Record<string, CueTally> {
  const sum: Record<string, CueTally> = {};
  for (const { history } of clients) {
    for (const [cueId, tally] of Object.entries(memoryOf(history, liftId).cues ?? {})) {
      sum[cueId] = plus(sum[cueId] ?? noTally, tally);
    }
  }
  return sum;
}

/** What was judged of cues in a lift today. */
const today = ({ judged }: LiftState): Record<string, CueTally> =>
  judged.reduce<Record<string, CueTally>>((all, { cueId, outcome }) => {
    const before = all[cueId] ?? noTally;
    return { ...all, [cueId]: { ...before, [outcome]: before[outcome] + 1 } };
  }, {});

/** What was judged of each cue of a lift with a client, today included. */
export function knownOf(
  client: Pick<CoachedClient, 'history'> | undefined,
  state: LiftState,
): Record<string, CueTally> {
  const before = client ? (memoryOf(client.history, state.plan.liftId).cues ?? {}) : {};
  const known = { ...before };
  for (const [cueId, tally] of Object.entries(today(state))) {
    known[cueId] = plus(known[cueId] ?? noTally, tally);
  }
  return known;
}

/** The cue to try next against a fault with this client: by what helped them, the studio, and the lesson's order. */
export function cueAgainst(
  fault: TaughtFault,
  style: TaughtStyle,
  state: LiftState,
  client: Pick<CoachedClient, 'history'> | undefined,
  clients: readonly Pick<CoachedClient, 'history'>[],
): CueChoice<TaughtCue> | null {
  const last = state.judged.at(-1);
  return nextCue(cuesAgainst(fault, style), {
    own: knownOf(client, state),
    studio: tallies(clients, state.plan.liftId),
    lastTried: last && last.outcome !== 'helped' ? last.cueId : null,
  });
}
