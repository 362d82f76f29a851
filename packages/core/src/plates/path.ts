import type { Grams } from '../unit/mass';
import type { Plate } from '../room/room';
import { pathBounds } from './bounds';
import { MASS, MOVE, moveCost, offCost, plateKinds } from './kinds';
import type { SleeveStock, SleeveTarget } from './sleeve-target';

/** Stacks inner to outer, one a target, and what going through them takes. */
export interface PlatePath {
  stacks: Plate[][];
  /** Plates put on or taken off this sleeve; on a bar each is a pair. */
  moves: number;
  /** Their masses together, of this sleeve. */
  movedG: Grams;
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
  stock: SleeveStock,
  standing: readonly Plate[] = [],
): PlatePath {
  if (targets.length === 0) return { stacks: [], moves: 0, movedG: 0 };
  const last = targets.length - 1;
  const highest = Math.max(...targets.map((target) => target.highG));
  const ofStock = plateKinds(stock, highest);
  const { all: kinds, diameters, from: levelFrom, size: levelSize } = ofStock;
  const { between, atLeast } = pathBounds(targets, ofStock);
  const meets = (sum: Grams, at: number) => sum >= targets[at]!.lowG && sum <= targets[at]!.highG;

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
      kind.level >= base.level && (used[place] ?? 0) < kind.most && widthMm <= stock.sleeveMm;
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
        const off = offCost(sum, targets[from]!.idealG);
        const rest = best(from + 1, to, base, cost - off);
        if (rest !== null) cost = rest + off;
      }
      // A plate stays for the targets up to `until`; the longest stay is tried first.
      for (let until = to; until >= from; until -= 1) {
        const times = until === last ? 1 : 2;
        const least =
          between(from, until) + (until < to ? atLeast(until + 1, to, sum, base.level) : 0);
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
  let allowed = Math.floor(between(0, last) / MOVE);
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
