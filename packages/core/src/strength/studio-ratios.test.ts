import { kg, lifts, NOW, person, row, squat } from '../test/fixtures';
import { liftAt, type Belief } from './belief';
import { readStrength } from './profile';
import { startingBelief } from './replay';
import { liftOffs, studioRatios, type LiftOffs } from './studio-ratios';

const press = { ...squat, id: 'press', name: 'Press' };
const three = [...lifts, press];

/** A client who is `level` stronger than average, and in one lift `by` more than the catalogue thinks, as logs. */
function known(liftId: string, by: number, level = 0): LiftOffs {
  const belief: Belief = startingBelief(person, three, NOW);
  three.forEach((_, at) => {
    belief.sets[at] = 12;
    belief.mean[at]! += level;
  });
  belief.mean[liftAt(three, liftId)]! += by;
  return liftOffs(person, belief, NOW);
}

describe('what a studio teaches of its lifts', () => {
  it('is nothing without clients, or from clients with too little behind them', () => {
    expect(studioRatios([])).toEqual({});
    expect(liftOffs(person, startingBelief(person, three, NOW), NOW)).toEqual({});
  });

  it('is learned from many, and hardly from one', () => {
    expect(studioRatios(Array.from({ length: 4 }, () => known(row.id, 0.3)))).toEqual({});
    const few = studioRatios(Array.from({ length: 5 }, () => known(row.id, 0.3)))[row.id]!;
    const many = studioRatios(Array.from({ length: 30 }, () => known(row.id, 0.3)));
    expect(few).toBeGreaterThan(0.05);
    expect(few).toBeLessThan(0.12);
    expect(many[row.id]!).toBeGreaterThan(0.15);
    expect(many[row.id]!).toBeLessThan(0.2);
    expect(many[squat.id]!).toBeLessThan(0);
  });

  it('is not moved by one whose load was typed thrice too high', () => {
    const studio = Array.from({ length: 8 }, () => known(row.id, 0.1));
    const before = studioRatios(studio)[row.id]!;
    const after = studioRatios([...studio, known(row.id, Math.log(3))])[row.id]!;
    expect(Math.abs(after - before)).toBeLessThan(0.01);
  });

  it('is not moved by clients who are stronger in everything', () => {
    const strong = known(row.id, 0, 0.4);
    expect(Object.keys(strong)).toHaveLength(three.length);
    for (const off of Object.values(studioRatios(Array.from({ length: 6 }, () => strong)))) {
      expect(Math.abs(off)).toBeLessThan(1e-9);
    }
  });

  it('moves lifts that a client has not done, and no other', () => {
    const belief = startingBelief(person, three, NOW);
    belief.sets[liftAt(three, squat.id)] = 9;
    const ratios = { [squat.id]: 0.2, [row.id]: 0.2 };
    const load = (liftId: string, taught: boolean) =>
      readStrength(person, belief, three, NOW, taught ? ratios : {}).loadFor(
        three.find(({ id }) => id === liftId)!,
        8,
        2,
      ).mean;
    expect(load(squat.id, true)).toBeCloseTo(load(squat.id, false), 6);
    expect(load(row.id, true) / load(row.id, false)).toBeCloseTo(Math.exp(0.2), 6);
    expect(load(row.id, true)).toBeGreaterThan(kg(1));
  });
});
