import type { Stack } from '../room/room';
import type { Grams } from '../unit/mass';
import { listed, type Loads } from './loads';

function subsets(masses: readonly Grams[]): Grams[][] {
  return masses.reduce<Grams[][]>(
    (found, mass) => [...found, ...found.map((each) => [...each, mass])],
    [[]],
  );
}

/** Fewest add-ons first, so that they win where two settings weigh the same. */
export function stackLoads(stack: Stack): Loads {
  const extras = subsets(stack.addOnsG).sort((a, b) => a.length - b.length);
  const settings = extras.flatMap((addOnsG) =>
    Array.from({ length: stack.count }, (_, index) => {
      const pinG = stack.firstG + index * stack.stepG;
      const sum = addOnsG.reduce((total, mass) => total + mass, pinG);
      return {
        loadG: Math.round(sum * stack.ratio),
        build: { kind: 'stack' as const, stack, pinG, addOnsG },
      };
    }),
  );
  return listed(settings);
}

/** Assistance takes off the body: what is left is the load. */
export function assistedLoads(stack: Stack, bodyG: Grams): Loads {
  return listed(
    stackLoads(stack)
      .all()
      .map(({ loadG, build }) => ({ loadG: bodyG - loadG, build }))
      .filter((load) => load.loadG > 0),
  );
}
