import type { Grams } from '../mass';
import type { Plate } from '../room';

/** What one sleeve must hold for one set: a sum between two bounds, as near as may be to its ideal. All of one sleeve. */
export interface SleeveTarget {
  lowG: Grams;
  highG: Grams;
  idealG: Grams;
}

/** The sleeve that a path is sought on. */
export interface SleeveStock {
  plates: readonly Plate[];
  /** How many single plates one more on this sleeve costs: 2 for a bar, 4 for two handles, 1 for one horn. */
  share: number;
  sleeveMm: number;
}

/** Stacks inner to outer, one a target, and what going through them takes. */
export interface PlatePath {
  stacks: Plate[][];
  /** Plates put on or taken off this sleeve; on a bar each is a pair. */
  moves: number;
  /** Their masses together, of this sleeve. */
  movedG: Grams;
}

/**
 * A cost is one number, so that comparing and adding stay cheap: moves first, then mass moved (24 bits of grams), then
 * distance from the ideals (18 bits of ten grams). Eleven bits are left for moves, and all 53 are exact in a double.
 */
const OFF_UNIT_G = 10;
const MASS = 2 ** 18;
const MOVE = 2 ** 42;
const moveCost = (massG: Grams) => MOVE + massG * MASS;
const offCost = (sum: Grams, target: SleeveTarget) =>
  Math.round(Math.abs(sum - target.idealG) / OFF_UNIT_G);

/** A kind of plate as the search sees it. `level` counts diameters, the largest 0: levels never fall outwards. */
interface Kind {
  plate: Plate;
  massG: Grams;
  most: number;
  level: number;
  cost: number;
}

/**
 * All stacks that go on alike: the same sum, width and outermost diameter, and the same plates of that diameter. What
 * lies further in can neither be reached nor used again before these come off, so it does not tell them apart.
 */
interface Base {
  sum: Grams;
  widthMm: number;
  level: number;
  /** How many of each kind of the outermost diameter are on. */
  used: readonly number[];
  next: (Base | null)[];
  /** Best known answers by span of targets. */
  known: Map<number, Known>;
}

/** The least cost of a span and its first move, or a limit that it does not stay under. */
type Known = { cost: number; kind: number; until: number } | { cost: null; limit: number };

const BARE = -1;

/** Whether a sorted list has an entry between two bounds. */
function anyBetween(sorted: ArrayLike<number>, low: number, high: number): boolean {
  let from = 0;
  let to = sorted.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (sorted[middle]! < low) from = middle + 1;
    else to = middle;
  }
  return from < sorted.length && sorted[from]! <= high;
}

const sortedUnique = (values: readonly number[]) => [...new Set(values)].sort((a, b) => a - b);

/**
 * Tells the fewest of some parts, each free to be taken again, that make a number between two bounds: 0 to 4, or 5 for
 * more. Three and four meet in the middle.
 */
function fewestOf(parts: readonly number[]): (low: number, high: number) => number {
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

/** The fewest plates of some kinds for each sum that their stock makes, up to a highest sum. */
function fewestBySum(kinds: readonly Kind[], highest: Grams): Map<Grams, number> {
  const fewest = new Map<Grams, number>([[0, 0]]);
  for (const { massG, most } of kinds) {
    for (const [sum, count] of [...fewest]) {
      for (let times = 1; times <= most && sum + times * massG <= highest; times += 1) {
        const at = sum + times * massG;
        fewest.set(at, Math.min(fewest.get(at) ?? Infinity, count + times));
      }
    }
  }
  return fewest;
}

/**
 * Tells the fewest plates that make a sum exactly within their stock, Infinity where none do. Kilogram and pound
 * plates keep a table each, since their sums have no common step.
 */
function exactly(kinds: readonly Kind[], highest: Grams): (sum: Grams) => number {
  const kilos = fewestBySum(
    kinds.filter((kind) => kind.plate.unit === 'kg'),
    highest,
  );
  const pounds = fewestBySum(
    kinds.filter((kind) => kind.plate.unit === 'lb'),
    highest,
  );
  return (sum) => {
    let fewest = Infinity;
    for (const [part, count] of pounds) {
      const rest = kilos.get(sum - part);
      if (rest !== undefined && rest + count < fewest) fewest = rest + count;
    }
    return fewest;
  };
}

/** The sums that plates of the first levels make within their stock, ascending, worked out as they are asked for. */
function sumsByLevel(kinds: readonly Kind[], levels: number, highest: Grams) {
  const found: Grams[][] = [];
  const all = new Set<Grams>([0]);
  return (level: number): Grams[] => {
    for (let next = found.length; next <= level && next < levels; next += 1) {
      for (const kind of kinds.filter((each) => each.level === next)) {
        for (const sum of [...all]) {
          for (let times = 1; times <= kind.most; times += 1) {
            if (sum + times * kind.massG <= highest) all.add(sum + times * kind.massG);
          }
        }
      }
      found.push([...all].sort((a, b) => a - b));
    }
    return found[level]!;
  };
}

/**
 * The way through stacks of plates, from the one that is on, that meets each target in turn with the fewest plates
 * put on or taken off, then the least mass moved, then nearest to the ideals (to ten grams a target). Exact. Every
 * target must hold a sum that exists; throws RangeError otherwise.
 *
 * Plates come off in the reverse order of going on, so every plate stays for an unbroken run of targets and the runs
 * nest. The answer for a run of targets on top of plates that stay is worked out once (Bellman 1957), and asked for
 * with a budget of moves that grows by one from a bound that no way can beat, so that hopeless stacks are not built.
 */
export function platePath(
  targets: readonly SleeveTarget[],
  { plates, share, sleeveMm }: SleeveStock,
  standing: readonly Plate[] = [],
): PlatePath {
  if (targets.length === 0) return { stacks: [], moves: 0, movedG: 0 };
  const last = targets.length - 1;
  const highest = Math.max(...targets.map((target) => target.highG));
  // One level at the least, so that a sleeve without any plate is a case like the others.
  const known = sortedUnique(plates.map((plate) => plate.diameterMm)).reverse();
  const diameters = known.length > 0 ? known : [0];
  const kinds: Kind[] = plates
    .map((plate) => ({
      plate,
      massG: plate.massG,
      most: Math.floor(plate.count / share),
      level: diameters.indexOf(plate.diameterMm),
      cost: moveCost(plate.massG),
    }))
    .filter((kind) => kind.most > 0 && kind.massG > 0 && kind.massG <= highest)
    .sort((a, b) => a.level - b.level || b.massG - a.massG);
  /** The first kind that may go on at a level or after it. */
  const levelFrom = diameters.map((_, level) => kinds.filter((kind) => kind.level < level).length);
  const levelSize = diameters.map((_, level) => kinds.filter((k) => k.level === level).length);
  // Order and stock left aside, these bound from below what any way takes.
  const masses = kinds.map((kind) => kind.massG);
  const fewestPlates = levelFrom.map((from) => fewestOf(masses.slice(from)));
  const exactPlates = levelFrom.map((from) => exactly(kinds.slice(from), highest));
  const fewestMoves = fewestOf(masses.flatMap((massG) => [massG, -massG]));

  const meets = (sum: Grams, at: number) => sum >= targets[at]!.lowG && sum <= targets[at]!.highG;
  const lacks = targets.map(() => diameters.map(() => new Map<Grams, number>()));
  /** Least cost of getting from a sum up to a target with plates of a level and after it. */
  const lack = (sum: Grams, level: number, at: number): number => {
    const known = lacks[at]![level]!.get(sum);
    if (known !== undefined) return known;
    const { lowG, highG } = targets[at]!;
    const plates =
      lowG === highG
        ? exactPlates[level]!(lowG - sum)
        : fewestPlates[level]!(lowG - sum, highG - sum);
    const cost = sum > highG ? Infinity : plates * MOVE + Math.max(0, lowG - sum) * MASS;
    lacks[at]![level]!.set(sum, cost);
    return cost;
  };
  // A ramp that only rises nearly always has a simplest change; on a shared bar the closer look pays many times over.
  const alternates = targets.some((target, at) => at > 0 && target.highG < targets[at - 1]!.lowG);
  const sums = sumsByLevel(kinds, diameters.length, highest);
  /**
   * Least cost of getting from one target to another: some plates stay, those above them come off and others go on,
   * none of them larger than the plates that stay; stock is left aside.
   */
  const change = (from: number, to: number): number => {
    const [a, b] = [targets[from]!, targets[to]!];
    const [low, high] = [b.lowG - a.highG, b.highG - a.lowG];
    const massG = Math.max(0, low, -high);
    const simplest = fewestMoves(low, high) * MOVE + massG * MASS;
    if (!alternates) return simplest;
    let least = Infinity;
    for (let level = 0; level < diameters.length; level += 1) {
      const heaviest = Math.max(1, ...kinds.slice(levelFrom[level]).map((kind) => kind.massG));
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
  const between: number[] = [0];
  const changes = new Map<string, number>();
  for (let at = 1; at <= last; at += 1) {
    const key = [targets[at - 1]!, targets[at]!].map((t) => `${t.lowG}-${t.highG}`).join('/');
    const least = changes.get(key) ?? change(at - 1, at);
    changes.set(key, least);
    between.push(between[at - 1]! + least);
  }
  /** A cost that a run of targets cannot go below on top of a sum, the way back to it included unless it is the end. */
  const atLeast = (from: number, to: number, sum: Grams, level: number): number => {
    const way = lack(sum, level, from) + between[to]! - between[from]!;
    return to < last ? way + lack(sum, level, to) : Math.max(way, lack(sum, level, to));
  };

  const bases = new Map<string, Base>();
  const baseOf = (sum: number, widthMm: number, level: number, used: readonly number[]): Base => {
    const key = `${sum}/${widthMm}/${level}/${used.join()}`;
    const found = bases.get(key);
    if (found) return found;
    const base = { sum, widthMm, level, used, next: [], known: new Map() } as Base;
    bases.set(key, base);
    return base;
  };
  /** The base with one more plate of a kind on it; null when order, stock or sleeve forbid it. */
  const withPlate = (base: Base, index: number): Base | null => {
    const known = base.next[index];
    if (known !== undefined) return known;
    const kind = kinds[index]!;
    const place = index - levelFrom[kind.level]!;
    const used = kind.level === base.level ? base.used : [];
    const widthMm = base.widthMm + kind.plate.thicknessMm;
    const allowed =
      kind.level >= base.level && (used[place] ?? 0) < kind.most && widthMm <= sleeveMm;
    let next: Base | null = null;
    if (allowed) {
      const more = Array.from({ length: levelSize[kind.level]! }, (_, at) => used[at] ?? 0);
      more[place]! += 1;
      next = baseOf(base.sum + kind.massG, widthMm, kind.level, more);
    }
    base.next[index] = next;
    return next;
  };

  /** Least cost of the targets from one to another on top of a base, where it is less than `limit`; null otherwise. */
  const best = (from: number, to: number, base: Base, limit: number): number | null => {
    if (from > to) return limit > 0 ? 0 : null;
    const span = from * targets.length + to;
    const known = base.known.get(span);
    if (known) {
      if (known.cost !== null) return known.cost < limit ? known.cost : null;
      if (known.limit >= limit) return null;
    }
    let cost = limit;
    let kindOfBest = BARE;
    let untilOfBest = from;
    const { sum } = base;
    if (atLeast(from, to, sum, base.level) < cost) {
      if (meets(sum, from)) {
        const off = offCost(sum, targets[from]!);
        const rest = best(from + 1, to, base, cost - off);
        if (rest !== null) cost = rest + off;
      }
      // A plate stays for the targets up to `until`; the longest stay is tried first.
      for (let until = to; until >= from; until -= 1) {
        const times = until === last ? 1 : 2;
        const least =
          between[until]! -
          between[from]! +
          (until < to ? atLeast(until + 1, to, sum, base.level) : 0);
        if (times * MOVE + least >= cost) continue;
        let room = Infinity;
        for (let at = from; at <= until; at += 1) room = Math.min(room, targets[at]!.highG);
        for (let index = levelFrom[base.level]!; index < kinds.length; index += 1) {
          const kind = kinds[index]!;
          const onSum = sum + kind.massG;
          if (onSum > room) continue;
          const handling = times * kind.cost;
          const restLeast = until < to ? atLeast(until + 1, to, sum, base.level) : 0;
          const innerLimit = cost - handling - restLeast;
          if (atLeast(from, until, onSum, kind.level) >= innerLimit) continue;
          const on = withPlate(base, index);
          const inner = on && best(from, until, on, innerLimit);
          if (inner === null) continue;
          const rest = best(until + 1, to, base, cost - inner - handling);
          if (rest === null) continue;
          cost = inner + handling + rest;
          kindOfBest = index;
          untilOfBest = until;
        }
      }
    }
    const found = cost < limit;
    base.known.set(
      span,
      found ? { cost, kind: kindOfBest, until: untilOfBest } : { cost: null, limit },
    );
    return found ? cost : null;
  };

  /** Bases of what stands on the sleeve, innermost first; foreign plates and order are taken as they are. */
  const standingBases: Base[] = [baseOf(0, 0, 0, Array(levelSize[0] ?? 0).fill(0) as number[])];
  for (const plate of standing) {
    const under = standingBases.at(-1)!;
    const at = kinds.findIndex((kind) => kind.plate.id === plate.id);
    const level = Math.max(under.level, Math.max(0, diameters.indexOf(plate.diameterMm)));
    const used = Array.from({ length: levelSize[level] ?? 0 }, (_, each) =>
      level === under.level ? (under.used[each] ?? 0) : 0,
    );
    if (at >= 0 && kinds[at]!.level === level) used[at - levelFrom[level]!]! += 1;
    standingBases.push(
      baseOf(under.sum + plate.massG, under.widthMm + plate.thicknessMm, level, used),
    );
  }

  /** How many targets each standing plate stays for, outermost last; those not met at all come off at once. */
  interface FromStanding {
    cost: number;
    /** For each standing plate, innermost first: the first target that it is gone for, 0 when it never serves one. */
    until: number[];
  }
  /** Least cost of the targets up to one on the first `depth` standing plates, which stay, with the others still on. */
  const fromStanding = (depth: number, to: number, limit: number): FromStanding | null => {
    const base = standingBases[depth]!;
    if (depth === standing.length) {
      const cost = best(0, to, base, limit);
      return cost === null ? null : { cost, until: [] };
    }
    const above = standing.slice(depth);
    let found: FromStanding | null = null;
    const offer = (until: number, inner: FromStanding | null, off: number) => {
      if (!inner) return;
      const rest = best(until + 1, to, base, (found?.cost ?? limit) - inner.cost - off);
      if (rest === null) return;
      found = { cost: inner.cost + off + rest, until: [until + 1, ...inner.until] };
    };
    // The next plate stays for the targets up to `until`, or comes off with all above it before the first.
    for (let until = to; until >= 0; until -= 1) {
      const off = until === last ? 0 : moveCost(above[0]!.massG);
      offer(until, fromStanding(depth + 1, until, limit - off), off);
    }
    const strip = above.reduce((sum, each) => sum + moveCost(each.massG), 0);
    offer(-1, { cost: strip, until: above.slice(1).map(() => 0) }, 0);
    return found;
  };

  // No way takes more than stripping the sleeve between any two targets. The budget grows by more each time.
  const fullest = kinds.reduce((count, kind) => count + kind.most, 0);
  const most = standing.length + targets.length * 2 * fullest;
  let answer: FromStanding | null = null;
  let allowed = Math.floor(between[last]! / MOVE);
  const patient = allowed + 6;
  for (let more = 1; !answer; more = allowed < patient ? 1 : more * 2) {
    answer = fromStanding(0, last, (allowed + 1) * MOVE);
    if (!answer && allowed > most) {
      throw new RangeError('A target holds no sum that these plates make');
    }
    allowed += more;
  }
  const { until: stays, cost } = answer;

  // The way itself, read back from the answers that were kept.
  const stacks: Plate[][] = targets.map(() => []);
  const lay = (from: number, to: number, base: Base): void => {
    if (from > to) return;
    const known = base.known.get(from * targets.length + to);
    if (!known || known.cost === null) throw new Error('a way that was found has been lost');
    if (known.kind !== BARE) {
      const { plate } = kinds[known.kind]!;
      for (let at = from; at <= known.until; at += 1) stacks[at]!.push(plate);
      lay(from, known.until, withPlate(base, known.kind)!);
    }
    lay(known.until + 1, to, base);
  };
  const layStanding = (depth: number, to: number): void => {
    const base = standingBases[depth]!;
    if (depth === standing.length) {
      lay(0, to, base);
      return;
    }
    const until = stays[depth]! - 1;
    for (let at = 0; at <= until; at += 1) stacks[at]!.push(standing[depth]!);
    if (until >= 0) layStanding(depth + 1, until);
    lay(until + 1, to, base);
  };
  layStanding(0, last);
  return {
    stacks,
    moves: Math.floor(cost / MOVE),
    movedG: Math.floor((cost % MOVE) / MASS),
  };
}
