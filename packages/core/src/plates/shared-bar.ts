import type { Build } from '../room/implement';
import type { Grams } from '../unit/mass';
import type { Plate } from '../room/room';
import { loadWith, pathOn, type LoadWindow, type PlateImplement } from './plate-implement';

/** A set that one of two clients has still to do on the bar they share. */
export interface SharedSet {
  /** Where it may lie: one load for working sets, a window for warm-up sets. */
  window: LoadWindow;
}

/** A turn at the shared bar. */
export interface Turn {
  who: 0 | 1;
  /** Place of the set among those that its client has still to do. */
  set: number;
  loadG: Grams;
  build: Build;
}

/** The common order, what it takes, and what taking both plans as they were would have taken. Moves are pairs. */
export interface SharedOrder {
  turns: Turn[];
  moves: number;
  movedG: Grams;
}

/** Whose turn it is: the clients take turns from the first on; when one has no set left the other goes on. */
export function turnsOf(
  counts: readonly [number, number],
  first: 0 | 1,
): { who: 0 | 1; set: number }[] {
  const turns: { who: 0 | 1; set: number }[] = [];
  const next = [0, 0];
  let who = first;
  while (turns.length < counts[0] + counts[1]) {
    if (next[who]! < counts[who]) {
      turns.push({ who, set: next[who]! });
      next[who]! += 1;
    }
    who = who === 0 ? 1 : 0;
  }
  return turns;
}

/** The sets of two clients on one bar, alternating, with the least handling of all in common. Exact. */
export function shareBar(
  bar: PlateImplement,
  sets: readonly [readonly SharedSet[], readonly SharedSet[]],
  first: 0 | 1,
  standing: readonly Plate[],
): SharedOrder {
  const turns = turnsOf([sets[0].length, sets[1].length], first);
  const windows = turns.map(({ who, set }) => sets[who][set]!.window);
  const { stacks, moves, movedG } = pathOn(bar, windows, standing);
  return {
    turns: turns.map((turn, at) => ({ ...turn, ...loadWith(bar, stacks[at]!) })),
    moves,
    movedG,
  };
}

/** What the same turns take when each client's sets are loaded as they were planned alone. Pairs. */
export function handlingApart(
  stacks: readonly [readonly (readonly Plate[])[], readonly (readonly Plate[])[]],
  first: 0 | 1,
  standing: readonly Plate[],
): number {
  let on = standing;
  let moves = 0;
  for (const { who, set } of turnsOf([stacks[0].length, stacks[1].length], first)) {
    const next = stacks[who][set]!;
    let kept = 0;
    while (kept < on.length && kept < next.length && on[kept]!.id === next[kept]!.id) kept += 1;
    moves += on.length + next.length - 2 * kept;
    on = next;
  }
  return moves;
}
