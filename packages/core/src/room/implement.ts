import type { Grams } from '../unit/mass';
import type { Barbell, Dumbbell, Kettlebell, Machine, Plate, Stack } from './room';

/**
 * How a load is built. `perSide` is inner to outer. A bar that is an adjustable handle is taken `hands` times;
 * `pinG` and `addOnsG` are what is set on a stack; `added` is what a body carries besides itself.
 */
export type Build =
  | { kind: 'barbell'; bar: Barbell; perSide: Plate[]; hands: 1 | 2 }
  | { kind: 'machine'; machine: Machine; perSide: Plate[] }
  | { kind: 'dumbbell'; dumbbell: Dumbbell; hands: 1 | 2 }
  | { kind: 'kettlebell'; kettlebell: Kettlebell; hands: 1 | 2 }
  | { kind: 'stack'; stack: Stack; pinG: Grams; addOnsG: Grams[] }
  | { kind: 'body'; added: Plate[] };

/** The plates of a build, inner to outer, on one sleeve; none for what is not loaded with plates, or not loaded yet. */
export function platesOf(build: Build | null): Plate[] {
  switch (build?.kind) {
    case 'barbell':
    case 'machine':
      return build.perSide;
    case 'body':
      return build.added;
    default:
      return [];
  }
}

/** A load that exists in a room, and how to build it. */
export interface Loadable {
  loadG: Grams;
  readonly build: Build;
}

/**
 * What a lift is loaded with. `bodyG` is what the client's body adds: its mass for an assisted stack, which takes
 * off from it, or the share of it that the movement lifts.
 */
export type Implement =
  | { kind: 'barbell'; barId: string }
  | { kind: 'machine'; machineId: string }
  | { kind: 'dumbbell'; hands: 1 | 2 }
  | { kind: 'kettlebell'; hands: 1 | 2 }
  | { kind: 'stack'; stackId: string }
  | { kind: 'assisted'; stackId: string; bodyG: Grams }
  | { kind: 'body'; bodyG: Grams };

/** The same text for the same implement. */
export const implementKey = (implement: Implement) => Object.values(implement).join('/');
