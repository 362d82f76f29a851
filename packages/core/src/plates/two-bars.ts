import type { Loadable } from '../room/implement';
import type { Barbell, Plate } from '../room/room';
import type { Grams } from '../unit/mass';
import { barLoad } from './bar-load';
import { barSleeve } from './bar-sleeve';

interface Wanted {
  bar: Barbell;
  targetG: Grams;
}

type Shares = [number, number][];
/** Pairs of each kind, light kinds first, on the first and second bar that make two sums; null when none do. */
type Divide = (first: Grams, second: Grams) => Shares | null;

/**
 * Divides pairs of plates so that both sleeves carry their sums. Heavy kinds first; a branch ends where the lighter
 * kinds cannot make either remainder any more. What was found impossible is remembered from question to question.
 */
function divider(
  plates: readonly Plate[],
  fits: [(plate: Plate) => boolean, (plate: Plate) => boolean],
  sleevesMm: [number, number],
): Divide {
  const kinds = [...plates].sort((a, b) => a.massG - b.massG);
  const reach = [0, 1].map(() => kinds.map(() => new Map<Grams, boolean>()));
  /** Whether the kinds before `upTo` can make `sum` on the given sleeve, whatever the other one takes. */
  const canMake = (which: 0 | 1, upTo: number, sum: Grams): boolean => {
    if (sum === 0) return true;
    if (upTo === 0 || sum < 0) return false;
    const known = reach[which]![upTo - 1]!;
    const seen = known.get(sum);
    if (seen !== undefined) return seen;
    const plate = kinds[upTo - 1]!;
    const most = fits[which](plate) ? Math.floor(plate.count / 2) : 0;
    let found = false;
    for (let times = 0; times <= most && !found; times += 1) {
      found = canMake(which, upTo - 1, sum - times * plate.massG);
    }
    known.set(sum, found);
    return found;
  };
  const failed = new Set<string>();
  const search = (upTo: number, a: Grams, b: Grams, aMm: number, bMm: number): Shares | null => {
    if (aMm > sleevesMm[0] || bMm > sleevesMm[1]) return null;
    if (!canMake(0, upTo, a) || !canMake(1, upTo, b)) return null;
    if (upTo === 0) return [];
    const key = `${upTo}/${a}/${b}/${aMm}/${bMm}`;
    if (failed.has(key)) return null;
    const plate = kinds[upTo - 1]!;
    const pairs = Math.floor(plate.count / 2);
    const mostA = fits[0](plate) ? Math.min(pairs, Math.floor(a / plate.massG)) : 0;
    for (let onA = mostA; onA >= 0; onA -= 1) {
      const mostB = fits[1](plate) ? Math.min(pairs - onA, Math.floor(b / plate.massG)) : 0;
      for (let onB = mostB; onB >= 0; onB -= 1) {
        const rest = search(
          upTo - 1,
          a - onA * plate.massG,
          b - onB * plate.massG,
          aMm + onA * plate.thicknessMm,
          bMm + onB * plate.thicknessMm,
        );
        if (rest) return [...rest, [onA, onB]];
      }
    }
    failed.add(key);
    return null;
  };
  return (first, second) => search(kinds.length, first, second, 0, 0);
}

/** The sums of a sleeve from a target down, by index; null below the empty bar. */
type Downwards = (index: number) => Grams | null;

/** Worked out as far as it is asked for: a rich stock has tens of thousands, and the first few are enough. */
function downwards(bar: Barbell, plates: readonly Plate[], side: number): Downwards {
  const sleeve = barSleeve(bar, plates);
  const found: (Grams | null)[] = [sleeve.atOrBelow(side)];
  return (index) => {
    while (found.length <= index) {
      const last = found.at(-1) ?? null;
      found.push(last === null || last === 0 ? null : sleeve.atOrBelow(last - 1));
    }
    return found[index]!;
  };
}

/** Two loads on two bars from one stock of plates. */
export interface TwoBars {
  first: Loadable;
  second: Loadable;
}

/**
 * The loads at or below both targets that can stand on both bars at once with the least missing in all; a bar whose
 * target lies under its own mass stays empty. Exact: pairs of loads are tried from the nearest on.
 */
export function loadTwoBars(first: Wanted, second: Wanted, plates: readonly Plate[]): TwoBars {
  const wanted = [first, second] as const;
  const fits = wanted.map(
    ({ bar }) =>
      (plate: Plate) =>
        bar.fits === null || bar.fits.includes(plate.id),
  ) as [(plate: Plate) => boolean, (plate: Plate) => boolean];
  const options = wanted.map(({ bar, targetG }) =>
    downwards(bar, plates, Math.max(0, (targetG - bar.massG) / 2)),
  ) as [Downwards, Downwards];
  const missing = (i: number, j: number) =>
    options[0](0)! - options[0](i)! + options[1](0)! - options[1](j)!;
  const divide = divider(plates, fits, [first.bar.sleeveMm, second.bar.sleeveMm]);
  // Rows of the table of pairs, each at the pair it would offer next; a row begins when those before it are worse.
  const next = [0];
  for (;;) {
    let row = 0;
    let least = Infinity;
    for (let i = 0; i < next.length; i += 1) {
      if (options[1](next[i]!) === null) continue;
      const short = missing(i, next[i]!);
      if (short < least) [least, row] = [short, i];
    }
    if (row === next.length - 1 && options[0](next.length) !== null) next.push(0);
    const sums: [Grams, Grams] = [options[0](row)!, options[1](next[row]!)!];
    next[row]! += 1;
    const shares = divide(...sums);
    if (!shares) continue;
    const kinds = [...plates].sort((a, b) => a.massG - b.massG);
    const stockFor = (which: 0 | 1) =>
      kinds.map((plate, index) => ({ ...plate, count: 2 * shares[index]![which] }));
    const [a, b] = ([0, 1] as const).map((which) => {
      const { bar } = wanted[which]!;
      const stock = stockFor(which);
      const original = (plate: Plate) => plates.find((each) => each.id === plate.id)!;
      return barLoad(bar, sums[which], (sum) => barSleeve(bar, stock).plates(sum).map(original))!;
    });
    return { first: a!, second: b! };
  }
}
