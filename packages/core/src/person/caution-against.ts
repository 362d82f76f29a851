import type { Position } from '../lift/position';
import type { Caution } from './caution';

/** Positions that a caution forbids. */
const against: Partial<Record<Caution, readonly Position[]>> = {
  'not lying flat': ['on the back', 'on the front'],
};

/** The caution that one of these positions goes against; undefined for none. */
export const cautionAgainst = (
  cautions: readonly Caution[],
  held: readonly Position[],
): Caution | undefined =>
  cautions.find((caution) => against[caution]?.some((position) => held.includes(position)));
