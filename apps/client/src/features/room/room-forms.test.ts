import { kindNames, kinds, readItem, typedItem, type Item, type Kind } from './equipment-kinds';
import { runOf } from './run-of-bells';

describe('the forms of the room', () => {
  const id = '019a0000-0000-7000-8000-000000000001';
  it.each(kindNames)('%s: what was typed for an item gives the item back', (kind) => {
    const full = {
      bars: [
        {
          name: 'Bar',
          kind: 'trap',
          massG: 24_000,
          unit: 'kg',
          sleeveMm: 260,
          count: 1,
          fits: null,
          handleMm: [230, 330],
        },
      ],
      plates: [{ massG: 20_412, unit: 'lb', count: 4, diameterMm: 450, thicknessMm: 40 }],
      dumbbells: [{ massG: 12_500, unit: 'kg', count: 2 }],
      kettlebells: [{ massG: 16_000, unit: 'kg', count: 1 }],
      stacks: [
        {
          name: 'Column',
          station: 'cable',
          unit: 'lb',
          firstG: 4536,
          stepG: 4536,
          count: 16,
          addOnsG: [2268],
          ratio: 0.5,
          assisted: false,
        },
      ],
      machines: [
        {
          name: 'Press',
          station: 'leg press',
          massG: 32_000,
          unit: 'kg',
          sleeveMm: 320,
          horns: 2,
          fits: null,
        },
      ],
      bands: [{ label: 'Green', restG: 3000, stretchedG: 16_000 }],
    } satisfies { [K in Kind]: Omit<Item<K>, 'id'>[] };
    for (const item of full[kind]) {
      const whole = { id, ...item };
      expect(readItem(kind, id, typedItem(kind, whole))).toEqual({ item: whole });
    }
  });

  it('say what is wrong beside each field, in the words of the contract', () => {
    const problems = (kind: Kind, typed: Record<string, string>) => {
      const result = readItem(kind, id, { ...kinds[kind].fresh, ...typed });
      return 'problems' in result ? result.problems : {};
    };
    expect(problems('plates', { massG: '' })).toEqual({ massG: 'Fill this in' });
    expect(problems('plates', { massG: 'ten' })).toEqual({ massG: '“ten” is not a number' });
    expect(problems('plates', { massG: '900' })).toEqual({ massG: 'At most 500 kg' });
    expect(problems('bars', { name: '' })).toEqual({ name: 'Fill this in' });
    expect(problems('stacks', { name: 'A', ratio: '9' })).toEqual({ ratio: 'Between 0.1 and 2' });
    expect(problems('bands', { label: 'A', restG: '20', stretchedG: '5' })).toEqual({
      stretchedG: 'A stretched band pulls at least as hard as one at rest',
    });
  });
});

describe('a run of bells', () => {
  it('goes from the first to the last by its step, in its unit', () => {
    expect(runOf({ first: '10', last: '17,5', step: '2.5' }, 'kg')).toEqual({
      masses: [10_000, 12_500, 15_000, 17_500],
    });
    expect(runOf({ first: '5', last: '12', step: '5' }, 'lb')).toEqual({ masses: [2268, 4536] });
  });
  it('says what is wrong with it', () => {
    expect(runOf({ first: '', last: '5', step: '0' }, 'kg')).toEqual({
      problems: { first: 'A mass in kg', step: 'A step in kg' },
    });
    expect(runOf({ first: '10', last: '5', step: '1' }, 'kg')).toEqual({
      problems: { last: 'Not lighter than the first' },
    });
    expect(runOf({ first: '1', last: '100', step: '1' }, 'kg')).toEqual({
      problems: { step: 'At most 60 at once' },
    });
  });
});
