import type { Lift } from '../lift/lift';
import { atOrBelow, type Loads } from '../loads/loads';
import type { TurnedDown } from '../person/turned-down';
import type { LoadedLift } from '../session/plan';

/** What stays of sets and load in a turned-down week: a third fewer sets, and up to a tenth less load. */
const SETS = 2 / 3;
const LOAD = 0.95;

/** A lift as a turned-down week asks for it. */
export function turnedDown(lift: LoadedLift, loads: Loads, { reason }: TurnedDown): LoadedLift {
  return {
    ...lift,
    turnedDown: { sets: lift.sets, loadG: lift.loadG },
    sets: Math.max(1, Math.round(lift.sets * SETS)),
    loadG: atOrBelow(loads, lift.loadG * LOAD)?.loadG ?? lift.loadG,
    why: { code: 'turned-down-week', reason, why: lift.why },
  };
}

/** The lifts that keep each pattern once: the first of each. */
export const oneOfEach = <T extends { lift: Lift }>(programme: readonly T[]): readonly T[] =>
  programme.filter(
    ({ lift }, at) => programme.findIndex((each) => each.lift.pattern === lift.pattern) === at,
  );
