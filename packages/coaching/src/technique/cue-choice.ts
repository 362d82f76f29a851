import type { TaughtCue, TaughtFault, TaughtStyle } from '@spalo/catalog';
import { memoryOf } from '@spalo/core/memory';
import type { LiftState } from '@spalo/core/session';
import {
  bothTallies,
  nextCue,
  noTally,
  withOutcome,
  type CueChoice,
  type CueTally,
} from '@spalo/core/technique';
import type { CoachedClient } from '../client/client';

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

/** What was judged of cues, by id. */
export type CueTallies = Readonly<Record<string, CueTally>>;

/** What was judged of cues at two places together. */
export function addTallies(one: CueTallies, other: CueTallies): CueTallies {
  const sum = { ...one };
  for (const [cueId, tally] of Object.entries(other)) {
    sum[cueId] = bothTallies(sum[cueId] ?? noTally, tally);
  }
  return sum;
}

/** What was judged of cues in a lift today. */
const today = ({ judged }: LiftState): CueTallies =>
  judged.reduce<CueTallies>(
    (all, { cueId, outcome }) => ({
      ...all,
      [cueId]: withOutcome(all[cueId] ?? noTally, outcome),
    }),
    {},
  );

/** What was judged of each cue of a lift with a client, today included. */
export const knownOf = (
  client: Pick<CoachedClient, 'history'> | undefined,
  state: LiftState,
): CueTallies =>
  addTallies(client ? (memoryOf(client.history, state.plan.liftId).cues ?? {}) : {}, today(state));

/**
 * The cue to try next against a fault with this client: by what helped them, the studio, and the lesson's order.
 * `studio`: what the studio has learned of the cues of this lift.
 */
export function cueAgainst(
  fault: TaughtFault,
  style: TaughtStyle,
  state: LiftState,
  client: Pick<CoachedClient, 'history'> | undefined,
  studio: CueTallies,
): CueChoice<TaughtCue> | null {
  const last = state.judged.at(-1);
  return nextCue(cuesAgainst(fault, style), {
    own: knownOf(client, state),
    studio,
    lastTried: last && last.outcome !== 'helped' ? last.cueId : null,
  });
}
