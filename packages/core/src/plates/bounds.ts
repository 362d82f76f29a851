import type { Grams } from '../unit/mass';
import { MASS, MOVE, sortedUnique, type PlateKind, type PlateKinds } from './kinds';
import type { SleeveTarget } from './sleeve-target';

/** Whether a sorted list has an entry between two bounds. */
function anyBetween(sorted: readonly number[], low: number, high: number): boolean {
  let from = 0;
  let to = sorted.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (sorted[middle]! < low) from = middle + 1;
    else to = middle;
  }
  return from < sorted.length && sorted[from]! <= high;
}

/** The fewest of some parts that make a number between two bounds. */
type Fewest = (low: number, high: number) => number;

/**
 * Tells the fewest of some parts, each free to be taken again, that make a number between two bounds: 0 to 4, or 5 for
 * more. Three and four meet in the middle.
 */
function fewestOf(parts: readonly number[]): Fewest {
  const one = sortedUnique(parts);
  const two = sortedUnique(one.flatMap((a) => one.map((b) => a + b)));
  return (low, high) => {
    if (low <= 0 && high >= 0) return 0;
    if (anyBetween(one, low, high)) return 1;
    if (anyBetween(two, low, high)) return 2;
    if (one.some((part) => anyBetween(two, low - part, high - part))) return 3;
    return two.some((part) => anyBetween(two, low - part, high - part)) ? 4 : 5;
  };
}

type FewestBySum = ReadonlyMap<Grams, number>;

/** The fewest plates for each sum up to a highest, with one kind more than a table knew. */
function withKind(known: FewestBySum, { massG, most }: PlateKind, highestG: Grams): FewestBySum {
  const fewest = new Map(known);
  for (const [sum, count] of known) {
    for (let times = 1; times <= most && sum + times * massG <= highestG; times += 1) {
      const at = sum + times * massG;
      if (count + times < (fewest.get(at) ?? Infinity)) fewest.set(at, count + times);
    }
  }
  return fewest;
}

const nothing: FewestBySum = new Map([[0, 0]]);

/**
 * Tells for each level the fewest plates of it and those after it that make a sum exactly within their stock, Infinity
 * where none do. Kilogram and pound plates keep a table each, since their sums have no common step.
 */
function fewestExactly(
  { all, diameters }: PlateKinds,
  highestG: Grams,
): ((sum: Grams) => number)[] {
  const ofUnit = (unit: 'kg' | 'lb'): FewestBySum[] => {
    let table = nothing;
    return diameters
      .map((_, at) => diameters.length - 1 - at)
      .map((level) => {
        for (const kind of all) {
          if (kind.level === level && kind.plate.unit === unit)
            table = withKind(table, kind, highestG);
        }
        return table;
      })
      .reverse();
  };
  const kilos = ofUnit('kg');
  const pounds = ofUnit('lb');
  return diameters.map((_, level) => (sum) => {
    let fewest = Infinity;
    for (const [part, count] of pounds[level]!) {
      const rest = kilos[level]!.get(sum - part);
      if (rest !== undefined && rest + count < fewest) fewest = rest + count;
    }
    return fewest;
  });
}

/** Works out the entry of a level when it is first asked for. */
function byLevel<T>(find: (level: number) => T): (level: number) => T {
  const known: T[] = [];
  return (level) => (known[level] ??= find(level));
}

/** The sums that plates of each level and those before it make within their stock, ascending. */
function sumsUpTo({ all }: PlateKinds, highestG: Grams): (level: number) => Grams[] {
  return byLevel((level) => {
    const sums = all
      .filter((kind) => kind.level <= level)
      .reduce((table, kind) => withKind(table, kind, highestG), nothing);
    return [...sums.keys()].sort((a, b) => a - b);
  });
}

/** Costs that no way through the targets can go below, whatever stands on the sleeve. */
export interface PathBounds {
  /** Of the ways from one target to another in turn. */
  between(from: number, to: number): number;
  /** Of a run of targets on top of a sum, the way back to it included unless it is the end. */
  atLeast(from: number, to: number, sum: Grams, level: number): number;
}

/** Bounds for a sequence of targets: order, stock and width are left aside as far as that keeps them quick. */
export function pathBounds(targets: readonly SleeveTarget[], kinds: PlateKinds): PathBounds {
  const last = targets.length - 1;
  const { all, diameters, from: levelFrom } = kinds;
  const highestG = Math.max(...targets.map((target) => target.highG));
  const massesFrom = (level: number) => all.slice(levelFrom[level]).map((kind) => kind.massG);
  const fewestPlates = byLevel((level) => fewestOf(massesFrom(level)));
  const exactPlates = fewestExactly(kinds, highestG);
  const fewestMoves = fewestOf(massesFrom(0).flatMap((massG) => [massG, -massG]));

  const lacks = targets.map(() => diameters.map(() => new Map<Grams, number>()));
  /** Least cost of getting from a sum up to a target with plates of a level and after it. */
  const lack = (sum: Grams, level: number, at: number): number => {
    const known = lacks[at]![level]!.get(sum);
    if (known !== undefined) return known;
    const { lowG, highG } = targets[at]!;
    let cost = Infinity;
    if (sum <= highG) {
      const plates =
        lowG === highG
          ? exactPlates[level]!(lowG - sum)
          : fewestPlates(level)(lowG - sum, highG - sum);
      cost = plates * MOVE + Math.max(0, lowG - sum) * MASS;
    }
    lacks[at]![level]!.set(sum, cost);
    return cost;
  };

  // A ramp that only rises nearly always has a simplest change; on a shared bar the closer look pays many times over.
  const alternates = targets.some((target, at) => at > 0 && target.highG < targets[at - 1]!.lowG);
  const sums = sumsUpTo(kinds, highestG);
  /**
   * Least cost of getting from one target to another: some plates stay, those above them come off and others go on,
   * none of them larger than the plates that stay; stock is left aside.
   */
  const change = (from: number, to: number): number => {
    const [a, b] = [targets[from]!, targets[to]!];
    const [low, high] = [b.lowG - a.highG, b.highG - a.lowG];
    const simplest = fewestMoves(low, high) * MOVE + Math.max(0, low, -high) * MASS;
    if (!alternates) return simplest;
    let least = Infinity;
    for (let level = 0; level < diameters.length; level += 1) {
      const heaviest = Math.max(1, ...massesFrom(level));
      for (const sum of sums(level)) {
        if (sum > a.highG || sum > b.highG) break;
        const plates = Math.ceil((a.lowG - sum) / heaviest) + Math.ceil((b.lowG - sum) / heaviest);
        if (plates * MOVE >= least) continue;
        least = Math.min(least, lack(sum, level, from) + lack(sum, level, to));
        if (least <= simplest) return simplest;
      }
    }
    return least;
  };
  /** Least cost of getting from each target to the next, added up from the first on. */
  const added: number[] = [0];
  const changes = new Map<string, number>();
  for (let at = 1; at <= last; at += 1) {
    const key = [targets[at - 1]!, targets[at]!].map((t) => `${t.lowG}-${t.highG}`).join('/');
    const least = changes.get(key) ?? change(at - 1, at);
    changes.set(key, least);
    added.push(added[at - 1]! + least);
  }
  const between = (from: number, to: number) => added[to]! - added[from]!;
  return {
    between,
    atLeast(from, to, sum, level) {
      const way = lack(sum, level, from) + between(from, to);
      return to < last ? way + lack(sum, level, to) : Math.max(way, lack(sum, level, to));
    },
  };
}
