import type { Build, Loadable } from '../room/implement';
import { massNumber, type Grams, type Unit } from '../unit/mass';
import type { Plate } from '../room/room';
import type { Sleeve } from '../plates/sleeve';

/**
 * The loads that exist for an implement. They are asked for one by one: a stock of kilogram and pound plates makes
 * hundreds of thousands of them.
 */
export interface Loads {
  /** The heaviest load not above `grams`, which may be Infinity; null when all are above. */
  upTo(grams: Grams): Loadable | null;
  /** The lightest load not below `grams`, which may be −Infinity; null when all are below. */
  from(grams: Grams): Loadable | null;
  /** The lightest load of all from one mass to another, however odd; null when there is none. */
  between(lowG: Grams, highG: Grams): Loadable | null;
  /** Every load, ascending. */
  all(): readonly Loadable[];
}

/** Loads written down one by one; the first of equal ones counts. */
export function listed(loads: readonly Loadable[]): Loads {
  const byMass = new Map<Grams, Loadable>();
  for (const load of loads) if (!byMass.has(load.loadG)) byMass.set(load.loadG, load);
  const sorted = [...byMass.values()].sort((a, b) => a.loadG - b.loadG);
  return {
    upTo: (grams) => sorted.findLast((load) => load.loadG <= grams) ?? null,
    from: (grams) => sorted.find((load) => load.loadG >= grams) ?? null,
    between: (lowG, highG) =>
      sorted.find((load) => load.loadG >= lowG && load.loadG <= highG) ?? null,
    all: () => sorted,
  };
}

/** What an implement that a room lacks can take. */
export const noLoads: Loads = listed([]);

/** What plates on equal sleeves add to an empty mass; which plates is worked out when a build is asked for. */
export function plated(
  sleeve: Sleeve,
  emptyG: Grams,
  sleeves: 1 | 2,
  buildOf: (stack: Plate[]) => Build,
): Loads {
  const made = new Map<Grams, Loadable>();
  const load = (sum: Grams): Loadable => {
    let build: Build | null = null;
    const known = made.get(sum) ?? {
      loadG: emptyG + sleeves * sum,
      get build() {
        build ??= buildOf(sleeve.plates(sum));
        return build;
      },
    };
    made.set(sum, known);
    return known;
  };
  const perhaps = (sum: Grams | null) => (sum === null ? null : load(sum));
  const from = (grams: Grams) => perhaps(sleeve.atOrAbove((grams - emptyG) / sleeves));
  return {
    upTo: (grams) => perhaps(sleeve.atOrBelow((grams - emptyG) / sleeves)),
    from,
    between: (lowG, highG) => within(from(lowG), highG),
    all: () => sleeve.all().map(load),
  };
}

/** A load where it is not above a mass. */
const within = (load: Loadable | null, highG: Grams) =>
  load !== null && load.loadG <= highG ? load : null;

const isLoad = (load: Loadable | null) => load !== null;

/** Several kinds of loads as one; of equal ones that of the first kind counts. */
export function merged(kinds: readonly Loads[]): Loads {
  const best = (found: readonly (Loadable | null)[], sign: 1 | -1): Loadable | null =>
    found
      .filter(isLoad)
      .reduce<Loadable | null>(
        (kept, load) => (kept === null || sign * (load.loadG - kept.loadG) > 0 ? load : kept),
        null,
      );
  return {
    upTo: (grams) =>
      best(
        kinds.map((kind) => kind.upTo(grams)),
        1,
      ),
    from: (grams) =>
      best(
        kinds.map((kind) => kind.from(grams)),
        -1,
      ),
    between: (lowG, highG) =>
      best(
        kinds.map((kind) => kind.between(lowG, highG)),
        -1,
      ),
    all: () => listed(kinds.flatMap((kind) => kind.all())).all(),
  };
}

/** The lightest load there is; null when none exist. */
export const lightest = (loads: Loads) => loads.from(-Infinity);

/** The heaviest load there is; null when none exist. */
export const heaviest = (loads: Loads) => loads.upTo(Infinity);

/** The load of exactly these grams; null when it does not exist. */
export function exactly(loads: Loads, grams: Grams): Loadable | null {
  const load = loads.upTo(grams);
  return load?.loadG === grams ? load : null;
}

/** The heaviest load not above `targetG`; the lightest there is when all are above; null when none exist. */
export const atOrBelow = (loads: Loads, targetG: Grams) => loads.upTo(targetG) ?? lightest(loads);

/** The load closest to `targetG`, the lighter one on a tie; null when none exist. */
export function nearest(loads: Loads, targetG: Grams): Loadable | null {
  const below = loads.upTo(targetG);
  const above = loads.from(targetG);
  if (!below || !above) return below ?? above;
  return above.loadG - targetG < targetG - below.loadG ? above : below;
}

/** The next heavier load than `fromG`, or null at the top of what the room has. */
export const stepUp = (loads: Loads, fromG: Grams) => loads.from(Math.floor(fromG) + 1);

/** The next lighter load than `fromG`, or null at the bottom. */
export const stepDown = (loads: Loads, fromG: Grams) => loads.upTo(Math.ceil(fromG) - 1);

/** The load nearest to `grams` with up to `count` on either side of it, ascending. */
export function around(loads: Loads, grams: Grams, count: number): Loadable[] {
  const middle = nearest(loads, grams);
  if (!middle) return [];
  const found = [middle];
  for (let more = 0; more < count; more += 1) {
    const down = stepDown(loads, found[0]!.loadG);
    const up = stepUp(loads, found.at(-1)!.loadG);
    if (down) found.unshift(down);
    if (up) found.push(up);
  }
  return found;
}

/** Half of the last digit that is shown, in grams of a kilogram's tenth: loads closer than that read alike. */
const READS_ALIKE_G = 60;

/** The load that is shown as these grams are: what a screen says can be typed. Null where none is. */
export function shownAs(loads: Loads, grams: Grams, unit: Unit): Loadable | null {
  const exact = exactly(loads, grams);
  if (exact) return exact;
  const text = massNumber(grams, unit);
  let low = grams - READS_ALIKE_G;
  for (;;) {
    const load = loads.between(low, grams + READS_ALIKE_G);
    if (!load || massNumber(load.loadG, unit) === text) return load;
    low = load.loadG + 1;
  }
}
