import fc from 'fast-check';
import { bar, kg, plate, room } from '../test/fixtures';
import type { Loadable } from '../room/implement';
import { barLoads } from './bars';
import { canLoad, loadables } from './loadables';
import { around, exactly, heaviest, lightest, listed, merged, stepDown, stepUp } from './loads';
import { toGrams } from '../unit/mass';

/** Kilogram and pound plates together, some of them hardly fitting. */
const anyStock = fc
  .array(
    fc.record({
      mass: fc.constantFrom(1.25, 2.5, 5, 10, 20, 45),
      unit: fc.constantFrom('kg' as const, 'lb' as const),
      count: fc.integer({ min: 0, max: 8 }),
      thicknessMm: fc.integer({ min: 10, max: 60 }),
    }),
    { maxLength: 6 },
  )
  .chain((kinds) =>
    fc.integer({ min: 20, max: 300 }).map((sleeve) => ({
      ...room,
      bars: [bar(20, sleeve)],
      plates: kinds.map(({ mass, unit, count, thicknessMm }, index) => ({
        ...plate(mass, count, 100 + mass * 10),
        massG: toGrams(mass, unit),
        unit,
        id: `p${index}`,
        thicknessMm,
      })),
    })),
  );
const onBar = { kind: 'barbell', barId: 'bar-20' } as const;
const grams = (load: Loadable | null | undefined) => load?.loadG ?? null;
const bell = (mass: number, count: number): Loadable => ({
  loadG: kg(mass),
  build: {
    kind: 'kettlebell',
    kettlebell: { id: `k${mass}`, massG: kg(mass), unit: 'kg', count },
    hands: 1,
  },
});

describe('loads that are asked for one by one', () => {
  it('are those of the whole list, at every mass from below the bar to above all plates', () => {
    fc.assert(
      fc.property(anyStock, fc.integer({ min: 0, max: 400_000 }), (stock, asked) => {
        const loads = barLoads(stock.bars[0]!, stock.plates);
        const all = loads.all();
        expect(grams(loads.upTo(asked))).toBe(grams(all.findLast((each) => each.loadG <= asked)));
        expect(grams(loads.from(asked))).toBe(grams(all.find((each) => each.loadG >= asked)));
        expect(grams(lightest(loads))).toBe(all[0]!.loadG);
        expect(grams(heaviest(loads))).toBe(all.at(-1)!.loadG);
      }),
    );
  });

  it('step up and down through all of them, each once', () => {
    fc.assert(
      fc.property(anyStock, (stock) => {
        const loads = barLoads(stock.bars[0]!, stock.plates);
        const all = loads
          .all()
          .slice(0, 60)
          .map((each) => each.loadG);
        const up: number[] = [];
        for (let at = lightest(loads); at && up.length < all.length; at = stepUp(loads, at.loadG)) {
          up.push(at.loadG);
        }
        expect(up).toEqual(all);
        expect(all.slice(1).map((each) => grams(stepDown(loads, each)))).toEqual(all.slice(0, -1));
      }),
    );
  });

  it('are built once, with plates that make them', () => {
    const loads = loadables(room, onBar);
    const load = exactly(loads, kg(62.5))!;
    expect(exactly(loads, kg(62.5))).toBe(load);
    expect(load.build).toBe(load.build);
    expect(load.build).toMatchObject({ kind: 'barbell', hands: 1 });
    expect(exactly(loads, kg(61))).toBeNull();
  });
});

describe('plates of both units', () => {
  const mixed = {
    ...room,
    plates: [
      ...[20, 10, 5, 2.5, 1.25].map((mass) => plate(mass, 4)),
      { ...plate(5, 4), id: 'lb-5', massG: toGrams(5, 'lb'), unit: 'lb' as const },
    ],
  };
  const loads = loadables(mixed, onBar);
  const odd = kg(20) + 2 * (kg(10) + toGrams(5, 'lb'));

  it('are not mixed where those of one come near', () => {
    expect(grams(loads.upTo(kg(44.6)))).toBe(kg(42.5));
    expect(grams(loads.from(kg(44.6)))).toBe(kg(45));
    expect(grams(stepUp(loads, kg(42.5)))).toBe(kg(45));
    expect(grams(stepDown(loads, kg(45)))).toBe(kg(42.5));
  });
  it('make what is asked for exactly, however odd', () => {
    expect(odd).toBe(44_536);
    expect(grams(exactly(loads, odd))).toBe(odd);
    expect(loads.all().map((load) => load.loadG)).toContain(odd);
  });
});

describe('loads of several kinds', () => {
  const both = merged([
    listed([bell(8, 1), bell(12, 1), bell(16, 1)]),
    listed([bell(10, 2), bell(12, 2)]),
  ]);

  it('are one list, where the first kind wins a tie', () => {
    expect(both.all().map((each) => each.loadG / 1000)).toEqual([8, 10, 12, 16]);
    for (const found of [both.upTo(kg(12)), both.from(kg(12)), both.all()[2]]) {
      expect(found?.build).toMatchObject({ kettlebell: { count: 1 } });
    }
    expect(grams(both.upTo(kg(11)))).toBe(kg(10));
    expect(both.upTo(kg(7))).toBeNull();
    expect(both.from(kg(17))).toBeNull();
  });

  it('lie around a mass, up to a number on either side', () => {
    const kilos = (mass: number, count: number) =>
      around(both, kg(mass), count).map((each) => each.loadG / 1000);
    expect(kilos(12, 1)).toEqual([10, 12, 16]);
    expect(kilos(3, 2)).toEqual([8, 10, 12]);
    expect(kilos(99, 9)).toEqual([8, 10, 12, 16]);
    expect(around(listed([]), kg(10), 3)).toEqual([]);
  });
});

describe('an implement', () => {
  it('can be loaded where it exists, with nothing but itself if need be', () => {
    expect(canLoad({ ...room, plates: [] }, onBar)).toBe(true);
    expect(canLoad({ ...room, bars: [] }, onBar)).toBe(false);
    expect(canLoad({ ...room, kettlebells: [] }, { kind: 'kettlebell', hands: 1 })).toBe(false);
  });
});
