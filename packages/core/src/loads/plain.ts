import type { Loadable } from '../room/implement';
import type { Loads } from './loads';

/** A load of plain plates is taken for a mixed one that lies so near, in grams or as a share of it. */
const NEAR_G = 2500;
const NEAR = 0.01;

/**
 * All loads, but asked for a load that does not exist they answer with plates of one unit where those come near: a sum
 * of kilogram and pound plates that is nearer by a few grams is nothing that anyone wants to build.
 */
export function plainFirst(all: Loads, plain: Loads): Loads {
  const near = (any: Loadable | null, easy: Loadable | null, wanted: number) =>
    any &&
    easy &&
    any.loadG !== wanted &&
    Math.abs(easy.loadG - any.loadG) <= Math.max(NEAR_G, any.loadG * NEAR)
      ? easy
      : any;
  return {
    upTo: (grams) => near(all.upTo(grams), plain.upTo(grams), grams),
    from: (grams) => near(all.from(grams), plain.from(grams), grams),
    between: (lowG, highG) => all.between(lowG, highG),
    all: () => all.all(),
  };
}
