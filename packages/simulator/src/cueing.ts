import {
  nextCue,
  noTally,
  patternsOf,
  withOutcome,
  type CueTally,
  type MarkedSet,
} from '@spalo/core/technique';
import type { Random } from './random';

/** A cue with its kind, as a lesson names it for a fault. */
export interface SimulatedCue {
  id: string;
  kind: string;
}

/** How the next cue is chosen: as Spalo does, or in the order of the catalogue. */
export type CuePolicy = 'spalo' | 'catalogue';

/** A client who answers to one kind of cue, and hardly to others. */
const ANSWERS = 0.65;
const HARDLY = 0.12;
/** Good sets that end a fault. */
const GONE_AFTER = 2;
const MOST_SETS = 60;

/** Kinds that clients answer to, as shares: most to what is outside of them, fewest to touch. */
const kinds: [string, number][] = [
  ['outside', 0.4],
  ['picture', 0.25],
  ['body', 0.2],
  ['touch', 0.15],
];

export function kindOf(random: Random): string {
  let left = random.unit();
  for (const [kind, share] of kinds) {
    left -= share;
    if (left <= 0) return kind;
  }
  return kinds[0]![0];
}

/**
 * Sets until a fault is gone for a client who answers to one kind; the studio's tallies are moved on the way. `named` of
 * the cues are those that the lesson names for the fault: its order knows no others.
 */
export function setsUntilGone(
  cues: readonly SimulatedCue[],
  named: number,
  answersTo: string,
  policy: CuePolicy,
  studio: Record<string, CueTally>,
  random: Random,
): number {
  const own: Record<string, CueTally> = {};
  let lastTried: string | null = null;
  let current: SimulatedCue | null = null;
  let place = 0;
  let helped = 0;
  for (let sets = 1; sets <= MOST_SETS; sets += 1) {
    current ??=
      policy === 'spalo'
        ? (nextCue(cues, { own, studio, lastTried })?.cue ?? cues[0]!)
        : cues[place % named]!;
    const good = random.unit() < (current.kind === answersTo ? ANSWERS : HARDLY);
    const outcome = good ? 'helped' : 'same';
    own[current.id] = withOutcome(own[current.id] ?? noTally, outcome);
    studio[current.id] = withOutcome(studio[current.id] ?? noTally, outcome);
    helped = good ? helped + 1 : 0;
    if (helped === GONE_AFTER) return sets;
    if (!good) {
      lastTried = current.id;
      current = null;
      place += 1;
    }
  }
  return MOST_SETS;
}

/** Whether a client whose marks fall at random is told of a pattern, over some sessions of three sets. */
export function saysAtRandom(share: number, sessions: number, random: Random): boolean {
  const sets = Array.from({ length: sessions * 3 }, (): MarkedSet => {
    const reps = 6 + Math.floor(random.unit() * 7);
    const marked = Array.from({ length: reps }, (_, at) => at + 1).filter(
      () => random.unit() < share,
    );
    return { reps, marked, share: 0.6 + 0.4 * random.unit() };
  });
  return patternsOf(sets).length > 0;
}
