import fc from 'fast-check';
import { placeTerrain, type TerrainWeek } from './terrain-shape';

const plateau = fc.record({
  load: fc.integer({ min: 1, max: 200_000 }),
  reps: fc.integer({ min: 0, max: 60 }),
  state: fc.constantFrom('done' as const, 'next' as const, 'coming' as const, 'missed' as const),
  chance: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
});
const week: fc.Arbitrary<TerrainWeek> = fc.oneof(
  fc.record({ plateaus: fc.array(plateau, { maxLength: 4 }), valley: fc.constant(null) }),
  fc.constant({ plateaus: [], valley: 'holiday' }),
);

describe('the ground of a block', () => {
  it('lies inside its width and height, week by week, plateau by plateau', () => {
    fc.assert(
      fc.property(
        fc.array(week, { maxLength: 8 }),
        fc.integer({ min: 120, max: 1200 }),
        (weeks, width) => {
          const placed = placeTerrain(weeks, width, 80);
          expect(placed).toHaveLength(weeks.length);
          let from = -1;
          for (const { plateaus, x, width: wide } of placed) {
            expect(x).toBeGreaterThan(from);
            from = x;
            expect(x + wide).toBeLessThanOrEqual(width + 0.001);
            for (const each of plateaus) {
              expect(each.x).toBeGreaterThanOrEqual(x);
              expect(each.x + each.width).toBeLessThanOrEqual(x + wide + 0.001);
              expect(each.top).toBeGreaterThanOrEqual(0);
              expect(each.top).toBeLessThan(80);
            }
          }
        },
      ),
    );
  });

  it('is higher where the load is', () => {
    const at = (load: number) => ({ load, reps: 8, state: 'coming' as const, chance: null });
    const [first] = placeTerrain([{ plateaus: [at(40), at(60)], valley: null }], 300, 80);
    expect(first!.plateaus[1]!.top).toBeLessThan(first!.plateaus[0]!.top);
  });
});
