import { type IdealStep, type RampTarget } from '../step';

/** Added load from this share of the whole on asks for a set with half of it. */
const MUCH_ADDED = 0.2;
/** More help from the stack: the load that is left, as shares of the work's. */
const HELPED = [0.6, 0.85] as const;

/** What the body is lifted with: an easier form of the movement, then, with much added, a set with half of that. */
export function bodyAlone({ workingG, workingReps, emptyG }: RampTarget): IdealStep[] {
  const addedG = workingG - emptyG;
  const easier: IdealStep = {
    role: 'light',
    loadG: emptyG,
    between: [emptyG, emptyG],
    easier: true,
    reps: Math.min(8, Math.max(1, Math.floor(workingReps / 2))),
    purpose: addedG > 0 ? 'alone' : 'easier',
  };
  if (addedG < workingG * MUCH_ADDED) return [easier];
  const half: IdealStep = {
    role: 'between',
    loadG: emptyG + addedG / 2,
    reps: 3,
    purpose: 'feel',
  };
  return [easier, half];
}

/** With help taken off by a stack: one set with more of it. */
export function moreHelp({ workingG }: RampTarget): IdealStep[] {
  const [low, high] = HELPED;
  return [
    {
      role: 'light',
      loadG: workingG * 0.75,
      between: [workingG * low, workingG * high],
      reps: 5,
      purpose: 'easier',
    },
  ];
}
