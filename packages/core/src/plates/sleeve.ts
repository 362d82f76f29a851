import type { Grams } from '../unit/mass';
import type { Plate } from '../room/room';

/** Plates on one sleeve as a chain: the kind added last, how many of it, and what is below. */
interface Pile {
  plate: Plate | null;
  times: number;
  below: Pile | null;
  count: number;
  thicknessMm: number;
}

/** Every sum of some plate kinds with the piles that no other beats in both plates and thickness. */
interface Sums {
  sorted: Grams[];
  piles: Map<Grams, Pile[]>;
  /** Thickness of the thinnest pile, in the order of `sorted`. */
  thinnest: number[];
  /** False where there were more sums than are kept. */
  whole: boolean;
}

/** Real stocks make some hundreds of sums, odd masses hundreds of thousands: beyond this a table is thinned out. */
const MOST_SUMS = 6000;
/** Sums that trainers ask for are multiples of this, in grams: they are always kept. */
const ROUND = 250;

const empty: Pile = { plate: null, times: 0, below: null, count: 0, thicknessMm: 0 };

/** The piles with another one, where none of them is as good in both count and thickness; those that it beats go. */
function keepUnbeaten(piles: Pile[], grown: Pile): Pile[] {
  for (const pile of piles) {
    if (pile.count <= grown.count && pile.thicknessMm <= grown.thicknessMm) return piles;
  }
  const kept = piles.filter(
    (pile) => pile.count < grown.count || pile.thicknessMm < grown.thicknessMm,
  );
  kept.push(grown);
  return kept;
}

/** How many plates the smallest pile has. */
const fewest = (piles: readonly Pile[]) => Math.min(...piles.map(({ count }) => count));

/** Every round sum, and of the others in each stretch of the range the one with the fewest plates. */
function thinnedOut(sums: Map<Grams, Pile[]>): Map<Grams, Pile[]> {
  const heaviest = Math.max(...sums.keys());
  const stretch = Math.ceil(heaviest / (MOST_SUMS / 2));
  const best = new Map<number, Grams>();
  const kept = new Map<Grams, Pile[]>();
  for (const [sum, piles] of sums) {
    if (sum % ROUND === 0) {
      kept.set(sum, piles);
      continue;
    }
    const place = Math.floor(sum / stretch);
    const known = best.get(place);
    if (known === undefined || fewest(piles) < fewest(sums.get(known)!)) best.set(place, sum);
  }
  for (const sum of best.values()) kept.set(sum, sums.get(sum)!);
  // What is heaviest says where the stock ends.
  kept.set(heaviest, sums.get(heaviest)!);
  return kept;
}

/** Light kinds come first: sums stay few until the last kinds. */
function sumsOf(plates: readonly Plate[], share: number, sleeveMm: number): Sums {
  let sums = new Map<Grams, Pile[]>([[0, [empty]]]);
  let whole = true;
  for (const plate of [...plates].sort((a, b) => a.massG - b.massG)) {
    const most = Math.floor(plate.count / share);
    if (most === 0) continue;
    const next = new Map(sums);
    for (const [sum, piles] of sums) {
      for (const pile of piles) {
        for (let times = 1; times <= most; times += 1) {
          const thicknessMm = pile.thicknessMm + times * plate.thicknessMm;
          if (thicknessMm > sleeveMm) break;
          const grown = { plate, times, below: pile, count: pile.count + times, thicknessMm };
          const at = sum + times * plate.massG;
          const there = next.get(at);
          next.set(at, there ? keepUnbeaten(there, grown) : [grown]);
        }
      }
    }
    const tooMany = next.size > MOST_SUMS;
    whole &&= !tooMany;
    sums = tooMany ? thinnedOut(next) : next;
  }
  const sorted = [...sums.keys()].sort((a, b) => a - b);
  const thinnest = sorted.map((sum) => Math.min(...sums.get(sum)!.map((pile) => pile.thicknessMm)));
  return { sorted, piles: sums, thinnest, whole };
}

/** Larger plates go on first: no plate may lie outside a smaller one. */
function innerFirst(a: Plate, b: Plate): number {
  return b.diameterMm - a.diameterMm || b.massG - a.massG || a.id.localeCompare(b.id);
}

function platesIn(...piles: Pile[]): Plate[] {
  const plates: Plate[] = [];
  for (const start of piles) {
    for (let pile: Pile | null = start; pile?.plate; pile = pile.below) {
      for (let each = 0; each < pile.times; each += 1) plates.push(pile.plate);
    }
  }
  return plates.sort(innerFirst);
}

/** Index of the last entry not above `value`, or −1. */
function lastUpTo(sorted: readonly number[], value: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle]! <= value) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** What one sleeve can carry. Masses are of one sleeve, without the bar. */
export interface Sleeve {
  /** False where the stock makes more sums than are kept: those that are given exist, others may lie closer. */
  whole: boolean;
  /** The heaviest sum not above `targetG`; null below zero. */
  atOrBelow(targetG: number): Grams | null;
  /** The lightest sum not below `targetG`; null above everything. */
  atOrAbove(targetG: number): Grams | null;
  /** Every sum, ascending. */
  all(): Grams[];
  /** The fewest plates for a sum that exists, inner to outer; throws RangeError for another. */
  plates(sumG: Grams): Plate[];
}

/**
 * The sums that plates make on a sleeve, exact for any stock that makes fewer than some thousands of them; of one that
 * makes more, a fair choice of some thousands that exist, multiples of 250 g first. `share` is how many single plates one more plate on
 * this sleeve costs: 2 for a bar, 4 for a pair of handles, 1 where all go on one horn.
 *
 * Kilogram and pound plates make a table each (their sums have no common step, and together would be the product of
 * both); a question meets in the middle of the two.
 */
export function sleeveOf(plates: readonly Plate[], share: number, sleeveMm: number): Sleeve {
  const a = sumsOf(
    plates.filter((plate) => plate.unit === 'kg'),
    share,
    sleeveMm,
  );
  const b = sumsOf(
    plates.filter((plate) => plate.unit === 'lb'),
    share,
    sleeveMm,
  );
  const mostOfB = b.sorted.at(-1)!;
  const fits = (i: number, j: number) => a.thinnest[i]! + b.thinnest[j]! <= sleeveMm;

  return {
    whole: a.whole && b.whole,
    atOrBelow(targetG) {
      let best: Grams | null = null;
      for (let i = lastUpTo(a.sorted, targetG); i >= 0; i -= 1) {
        if (best !== null && a.sorted[i]! + mostOfB <= best) break;
        for (let j = lastUpTo(b.sorted, targetG - a.sorted[i]!); j >= 0; j -= 1) {
          const sum = a.sorted[i]! + b.sorted[j]!;
          if (best !== null && sum <= best) break;
          if (fits(i, j)) best = sum;
        }
        if (best === targetG) break;
      }
      return best;
    },
    atOrAbove(targetG) {
      let best: Grams | null = null;
      const first = Math.max(0, lastUpTo(a.sorted, targetG - mostOfB));
      for (let i = first; i < a.sorted.length; i += 1) {
        if (best !== null && a.sorted[i]! >= best) break;
        const from = lastUpTo(b.sorted, targetG - a.sorted[i]! - 1e-9) + 1;
        for (let j = from; j < b.sorted.length; j += 1) {
          const sum = a.sorted[i]! + b.sorted[j]!;
          if (best !== null && sum >= best) break;
          if (fits(i, j)) best = sum;
        }
        if (best === targetG) break;
      }
      return best;
    },
    all() {
      if (b.sorted.length === 1) return a.sorted;
      const sums = new Set<Grams>();
      a.sorted.forEach((kg, i) =>
        b.sorted.forEach((lb, j) => {
          if (fits(i, j)) sums.add(kg + lb);
        }),
      );
      return [...sums].sort((x, y) => x - y);
    },
    plates(sumG) {
      let best: { count: number; piles: [Pile, Pile] } | null = null;
      for (const [kg, kgPiles] of a.piles) {
        const lbPiles = b.piles.get(sumG - kg);
        if (!lbPiles) continue;
        for (const one of kgPiles) {
          for (const other of lbPiles) {
            const count = one.count + other.count;
            if (one.thicknessMm + other.thicknessMm > sleeveMm) continue;
            if (!best || count < best.count) best = { count, piles: [one, other] };
          }
        }
      }
      if (!best) throw new RangeError(`No plates make ${sumG} g on this sleeve`);
      return platesIn(...best.piles);
    },
  };
}
