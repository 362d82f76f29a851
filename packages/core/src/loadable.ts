import type { Grams } from './mass';
import type { Barbell, Dumbbell, Plate, Room } from './room';

/** How a load is built: a bar with plates per side (inner to outer), or a dumbbell. */
export type Build =
  | { kind: 'barbell'; bar: Barbell; perSide: Plate[] }
  | { kind: 'dumbbell'; dumbbell: Dumbbell; hands: 1 | 2 };

/** A load that exists in a room, and how to build it. */
export interface Loadable {
  loadG: Grams;
  build: Build;
}

/** What a lift is loaded with: a named bar, or dumbbells held in one or both hands. */
export type Implement = { kind: 'barbell'; barId: string } | { kind: 'dumbbell'; hands: 1 | 2 };

interface Side {
  perSide: Plate[];
  thicknessMm: number;
}

/** Larger plates go on first: no plate may lie outside a smaller one. */
function innerFirst(a: Plate, b: Plate): number {
  return b.diameterMm - a.diameterMm || b.massG - a.massG || a.id.localeCompare(b.id);
}

/** Whether `a` is at least as good as `b` in both plates handled and sleeve used. */
function dominates(a: Side, b: Side): boolean {
  return a.perSide.length <= b.perSide.length && a.thicknessMm <= b.thicknessMm;
}

function barLoads(bar: Barbell, plates: readonly Plate[]): Loadable[] {
  // Sums of one side, each with the stacks that no other stack beats. Few plates matter first,
  // but a thinner stack must survive until the sleeve length is settled.
  let sums = new Map<Grams, Side[]>([[0, [{ perSide: [], thicknessMm: 0 }]]]);
  for (const plate of [...plates].sort(innerFirst)) {
    const next = new Map<Grams, Side[]>();
    for (const [sum, sides] of sums) {
      for (const side of sides) {
        for (let pairs = 0; pairs <= Math.floor(plate.count / 2); pairs += 1) {
          const thicknessMm = side.thicknessMm + pairs * plate.thicknessMm;
          if (thicknessMm > bar.sleeveMm) break;
          const grown: Side = {
            perSide: [...side.perSide, ...Array.from({ length: pairs }, () => plate)],
            thicknessMm,
          };
          const key = sum + pairs * plate.massG;
          const rivals = next.get(key) ?? [];
          if (rivals.some((rival) => dominates(rival, grown))) continue;
          next.set(key, [...rivals.filter((rival) => !dominates(grown, rival)), grown]);
        }
      }
    }
    sums = next;
  }
  return [...sums]
    .map(([sum, sides]) => {
      const fewest = sides.reduce((a, b) => (b.perSide.length < a.perSide.length ? b : a));
      return {
        loadG: bar.massG + 2 * sum,
        build: { kind: 'barbell' as const, bar, perSide: fewest.perSide },
      };
    })
    .sort((a, b) => a.loadG - b.loadG);
}

function dumbbellLoads(dumbbells: readonly Dumbbell[], hands: 1 | 2): Loadable[] {
  const byMass = new Map<Grams, Loadable>();
  for (const dumbbell of dumbbells) {
    if (dumbbell.count < hands || byMass.has(dumbbell.massG)) continue;
    byMass.set(dumbbell.massG, {
      loadG: dumbbell.massG,
      build: { kind: 'dumbbell', dumbbell, hands },
    });
  }
  return [...byMass.values()].sort((a, b) => a.loadG - b.loadG);
}

/**
 * Every load that `implement` can take in `room`, ascending, each built with the fewest plates.
 * For a pair of dumbbells the load is the mass of one. Empty when the room lacks the implement.
 */
export function loadables(room: Room, implement: Implement): Loadable[] {
  if (implement.kind === 'dumbbell') return dumbbellLoads(room.dumbbells, implement.hands);
  const bar = room.bars.find((candidate) => candidate.id === implement.barId);
  return bar ? barLoads(bar, room.plates) : [];
}

/** The heaviest load not above `targetG`; the lightest there is when all are above; null when none exist. */
export function atOrBelow(loads: readonly Loadable[], targetG: Grams): Loadable | null {
  let best = loads[0] ?? null;
  for (const load of loads) if (load.loadG <= targetG) best = load;
  return best;
}

/** The load closest to `targetG`, the lighter one on a tie; null when none exist. */
export function nearest(loads: readonly Loadable[], targetG: Grams): Loadable | null {
  let best: Loadable | null = null;
  for (const load of loads) {
    if (!best || Math.abs(load.loadG - targetG) < Math.abs(best.loadG - targetG)) best = load;
  }
  return best;
}

/** The next heavier load than `fromG`, or null at the top of what the room has. */
export function stepUp(loads: readonly Loadable[], fromG: Grams): Loadable | null {
  return loads.find((load) => load.loadG > fromG) ?? null;
}

/** The next lighter load than `fromG`, or null at the bottom. */
export function stepDown(loads: readonly Loadable[], fromG: Grams): Loadable | null {
  return loads.findLast((load) => load.loadG < fromG) ?? null;
}
