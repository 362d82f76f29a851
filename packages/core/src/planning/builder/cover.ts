import type { Lift } from '../../lift/lift';
import type { Muscle } from '../../lift/muscles';
import type { Pattern } from '../../lift/patterns';

/** What a week of sessions should hold at least once. */
export const covers = [
  'squat or lunge',
  'hinge or hip',
  'push',
  'press',
  'row',
  'pull',
  'trunk or carry',
] as const;
export type Cover = (typeof covers)[number];

const coverBy: Partial<Record<Pattern, Cover>> = {
  squat: 'squat or lunge',
  lunge: 'squat or lunge',
  hinge: 'hinge or hip',
  hip: 'hinge or hip',
  push: 'push',
  press: 'press',
  row: 'row',
  pull: 'pull',
  trunk: 'trunk or carry',
  carry: 'trunk or carry',
};

/** Muscles of which a lift must train one to count: a raise to the side is no hip lift, a pull to the face no row. */
const asks: Partial<Record<Cover, readonly Muscle[]>> = {
  'hinge or hip': ['hamstrings', 'glutes'],
  row: ['lats', 'upper back'],
  pull: ['lats'],
};

/** What of a week a lift covers; null for small lifts, which cover none. */
export function coverOf({ pattern, muscles }: Pick<Lift, 'pattern' | 'muscles'>): Cover | null {
  const cover = coverBy[pattern];
  if (!cover) return null;
  const needed = asks[cover];
  return !needed || muscles.main.some((muscle) => needed.includes(muscle)) ? cover : null;
}
