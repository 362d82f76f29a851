import type { Lift } from '../../lift/lift';
import { restAfterWarmUp } from '../../lift/rest';
import { loadables } from '../../loads/loadables';
import { atOrBelow, lightest, nearest } from '../../loads/loads';
import { handlingBetween } from '../../plates/handling';
import {
  fixedAt,
  handlesFor,
  loadWith,
  pathOn,
  perhaps,
  plateImplement,
  type LoadWindow,
  type PlateImplement,
} from '../../plates/plate-implement';
import type { Build, Implement, Loadable } from '../../room/implement';
import type { Plate, Room } from '../../room/room';
import type { Grams, Unit } from '../../unit/mass';
import { rampIdeals } from './ideals';
import { lightLoad } from './light-load';
import { lightPath } from './light-path';
import { mostReps } from './most-reps';
import type { RampKind } from './ramp-kind';
import type { StepRole } from './step';
import { withinSteps } from './within-steps';
import { rampWindows, type WindowedStep } from './windows';

/** none: nothing at the working load. working: once at it. over: once at 105–110 % of it. */
export const primers = ['none', 'working', 'over'] as const;
export type Primer = (typeof primers)[number];

/** What a ramp is planned from. Loads in grams. */
export interface RampRequest {
  kind: RampKind;
  workingG: Grams;
  workingReps: number;
  lift: Pick<Lift, 'restClass' | 'region'>;
  room: Room;
  implement: Implement;
  unit: Unit;
  primer?: Primer;
  /** A light load that the trainer fixed. */
  lightG?: Grams | null;
  /** Sets more, or fewer, than the rule gives. */
  extra?: number;
  /** Most warm-up sets; no bound where left out. */
  most?: number;
  /** Plates that stand on the implement, inner to outer. */
  standing?: readonly Plate[];
  /** A warm-up load already done: the ramp goes on above it, at no more than these reps. */
  done?: { loadG: Grams; reps: number } | null;
}

/** A warm-up set that can be built. */
export interface RampStep {
  role: StepRole;
  loadG: Grams;
  build: Build;
  reps: number;
  purpose: string;
  /** Seconds until the next set, the change of load included. */
  restS: number;
}

/** A ramp with the build of the working set that it ends at, and what handling it takes up to there. */
export interface PlannedRamp {
  steps: RampStep[];
  working: Build;
  /** Pairs of plates put on or taken off, bells fetched, or pins and add-ons moved. */
  moves: number;
}

/** A primer over the working load lies between these shares of it. */
const PRIMER_MOST = 1.1;
/** A light set above this share of the working load is no light set: a rehearsal is left out then. */
const EASY_SHARE = 0.6;

function primerLoad(request: RampRequest): Grams | null {
  const { primer = 'working', workingG, room, implement } = request;
  if (primer === 'none') return null;
  if (primer === 'working') return workingG;
  const over = atOrBelow(loadables(room, implement), workingG * PRIMER_MOST);
  return over && over.loadG > workingG ? over.loadG : workingG;
}

/** Jumps that one more of a plate on each sleeve makes, largest first. */
function jumpsOf(room: Room, implement: Implement): Grams[] {
  const taking = plateImplement(room, implement);
  if (!taking) return [];
  const { stock, times } = taking;
  const usable = stock.plates.filter((plate) => plate.count >= stock.share);
  return [...new Set(usable.map((plate) => plate.massG * times))].sort((a, b) => b - a);
}

/** What a ramp may begin with empty: bells and pins begin at a share of the work instead. */
const beginsEmpty: ReadonlySet<Implement['kind']> = new Set(['barbell', 'machine', 'body']);

/**
 * Where a ramp has to begin: with the light load that the trainer fixed, or as it would without what was learned of
 * the client, which changes how many sets there are and never the first; null where neither binds it.
 */
function beginning(request: RampRequest, lightG: Grams): Grams | null {
  if (request.lightG) return lightG;
  const learned = (request.extra ?? 0) !== 0 && !request.done;
  return learned ? (planRamp({ ...request, extra: 0 }).steps[0]?.loadG ?? null) : null;
}

/** The steps to build, with the loads each may have. */
export function windowsFor(request: RampRequest): WindowedStep[] {
  const { kind, workingG, workingReps, room, implement, extra = 0, done = null } = request;
  const loads = loadables(room, implement);
  const lightestG = lightest(loads)?.loadG;
  if (lightestG === undefined) return [];
  const emptyG = beginsEmpty.has(implement.kind) ? lightestG : null;
  const lightG = nearest(loads, request.lightG ?? lightLoad(workingG, emptyG))!.loadG;
  const target = {
    workingG,
    workingReps,
    emptyG: lightestG,
    beginG: emptyG ?? lightG,
    lightG,
    primerG: primerLoad(request),
    jumps: jumpsOf(room, implement),
    extra,
  };
  const ideals = rampIdeals(kind, target, implement.kind, beginning(request, lightG));
  const allowed = ideals.slice(0, request.most);
  let steps = rampWindows(allowed, workingG, loads, done?.loadG ?? -1, lightestG);
  if (kind === 'rehearsal' && implement.kind !== 'body' && implement.kind !== 'assisted') {
    steps = steps.filter(
      (step) => step.role !== 'light' || step.window.highG <= workingG * EASY_SHARE,
    );
  }
  // A primer alone prepares nothing: the working set is then its own first light set.
  if (!done && steps.length === 1 && steps[0]!.role === 'primer') return [];
  return withinSteps(steps, workingG, loads, request.most);
}

/** Reps never rise, tire nobody, and follow what was done. */
function repsOf(steps: readonly WindowedStep[], path: readonly Loadable[], request: RampRequest) {
  const { workingG, workingReps, done } = request;
  let most = done?.reps ?? Infinity;
  return steps.map((step, at) => {
    most = Math.min(most, step.reps, mostReps(path[at]!.loadG, workingG, workingReps));
    return Math.max(1, most);
  });
}

const onPlates = (
  taking: PlateImplement,
  windows: readonly LoadWindow[],
  standing: readonly Plate[],
): Loadable[] => pathOn(taking, windows, standing).stacks.map((stack) => loadWith(taking, stack));

const movesOf = (path: readonly Loadable[]) =>
  path.reduce(
    (sum, { build }, at) => sum + handlingBetween(path[at - 1]?.build ?? null, build).moves,
    0,
  );

/** Bells and pins by trying each load after each; one adjustable handle all through where that takes fewer moves. */
function byHand(room: Room, implement: Implement, windows: readonly LoadWindow[]): Loadable[] {
  const handles = implement.kind === 'dumbbell' ? handlesFor(room, implement.hands) : [];
  return handles
    .flatMap((handle) => perhaps(() => [onPlates(handle, windows, [])]) ?? [])
    .reduce(
      (best, path) => (movesOf(path) < movesOf(best) ? path : best),
      lightPath(loadables(room, implement), windows),
    );
}

/** Windows as a ramp, with its plates, bells or pins, and its rests; ends at the working load. */
export function planWindows(windowed: readonly WindowedStep[], request: RampRequest): PlannedRamp {
  const { workingG, workingReps, room, implement, lift, standing = [] } = request;
  const windows = [...windowed.map((step) => step.window), fixedAt(workingG)];
  const plated = plateImplement(room, implement);
  const path = plated ? onPlates(plated, windows, standing) : byHand(room, implement, windows);
  const first = plated ? plated.build([...standing]) : null;
  const changes = path.map(({ build }, index) =>
    handlingBetween(index === 0 ? first : path[index - 1]!.build, build),
  );
  const reps = repsOf(windowed, path, request);
  const work = { loadG: workingG, reps: workingReps, restClass: lift.restClass };
  return {
    steps: windowed.map(({ role, purpose }, index) => {
      const { loadG, build } = path[index]!;
      const last = index === windowed.length - 1;
      const restS = restAfterWarmUp(loadG, work, last, changes[index + 1]!.seconds);
      return { role, loadG, build, reps: reps[index]!, purpose, restS };
    }),
    working: path.at(-1)!.build,
    moves: changes.reduce((sum, change) => sum + change.moves, 0),
  };
}

/**
 * The ramp with its plates: among the permitted sequences from what stands on the implement to the working load, the
 * one with the fewest pairs handled, then the least mass moved, then nearest to the ideals. Exact. Without any load
 * below the working one it has no steps. Throws RangeError where the room cannot build the working load.
 */
export function planRamp(request: RampRequest): PlannedRamp {
  return planWindows(windowsFor(request), request);
}
