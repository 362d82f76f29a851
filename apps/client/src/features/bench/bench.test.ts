import { loadables, noLoads } from '@spalo/core/loads';
import type { Room } from '@spalo/core/room';
import { implementName } from '../../parts/words/implement-words';
import { problemText, readLoad } from './bench-load';

const kg = (value: number) => value * 1000;
const lb = (value: number) => Math.round(value * 453.59237);
const room: Room = {
  id: 'room',
  name: 'Room',
  bars: [
    {
      id: 'bar',
      name: 'Long bar',
      kind: 'straight',
      massG: kg(20),
      unit: 'kg',
      sleeveMm: 400,
      count: 1,
      fits: null,
      handleMm: [],
    },
  ],
  plates: [
    ['a', kg(20), 'kg'],
    ['b', kg(5), 'kg'],
    ['c', lb(5), 'lb'],
  ].map(([id, massG, unit]) => ({
    id: id as string,
    massG: massG as number,
    unit: unit as 'kg' | 'lb',
    count: 2,
    diameterMm: 300,
    thicknessMm: 20,
  })),
  dumbbells: [],
  kettlebells: [],
  stacks: [
    {
      id: 'tower',
      name: 'Cable tower',
      station: 'cable',
      unit: 'kg',
      firstG: kg(5),
      stepG: kg(5),
      count: 10,
      addOnsG: [],
      ratio: 1,
      assisted: false,
    },
  ],
  machines: [],
  bands: [],
  furniture: null,
};
const onBar = { kind: 'barbell', barId: 'bar' } as const;
const loads = loadables(room, onBar);

describe('a working load as it is typed', () => {
  it.each([
    ['60', kg(60)],
    [' 30 ', kg(30)],
    ['30,0', kg(30)],
    // 5 lb on each side: shown as 24.5, meant as the 24.536 that it is.
    ['24.5', kg(20) + 2 * lb(5)],
  ])('%p is a load that exists', (typed, grams) => {
    expect(readLoad(typed, 'kg', loads)).toEqual({ grams, wrong: null, problem: null });
  });

  it.each(['', 'a lot', '-5', '0', '2001', '1e3', '60 kg'])(
    '%p is answered at the field',
    (typed) => {
      const { wrong, problem } = readLoad(typed, 'kg', loads);
      expect(wrong).toBe('A number in kg, up to 2,000');
      expect(problem).toBeNull();
    },
  );

  it('is read in pounds where the trainer thinks in pounds', () => {
    expect(readLoad('44', 'lb', loads).problem).toMatchObject({ kind: 'lighter than empty' });
    expect(readLoad('44.1', 'lb', loads)).toMatchObject({ grams: kg(20), problem: null });
  });

  it.each([
    ['9', 'lighter than empty', 'Long bar 20 kg is 20 kg at the least'],
    ['900', 'heavier than all', 'All that fits is on at 74.5 kg'],
    ['50', 'not exact', 'This load cannot be built here; these come nearest'],
  ])('%p has the nearest that works', (typed, kind, words) => {
    const { problem } = readLoad(typed, 'kg', loads);
    expect(problem?.kind).toBe(kind);
    expect(problem!.below ?? problem!.above).not.toBeNull();
    expect(problemText(problem!, implementName(onBar, room), 'kg')).toBe(words);
  });

  it('says so where the room has nothing', () => {
    const { problem } = readLoad('60', 'kg', noLoads);
    expect(problemText(problem!, 'Bar', 'kg')).toBe('This room has nothing to load the lift with');
  });
});

describe('an implement', () => {
  it.each([
    [onBar, 'Long bar 20 kg'],
    [{ kind: 'stack', stackId: 'tower' }, 'Cable tower'],
    [{ kind: 'assisted', stackId: 'tower', bodyG: kg(70) }, 'Cable tower'],
    [{ kind: 'machine', machineId: 'gone' }, 'Machine'],
    [{ kind: 'dumbbell', hands: 2 }, 'Dumbbells'],
    [{ kind: 'kettlebell', hands: 1 }, 'Kettlebells'],
    [{ kind: 'body', bodyG: kg(40) }, 'Bodyweight'],
  ] as const)('%j is called as the room calls it', (implement, name) => {
    expect(implementName(implement, room)).toBe(name);
  });
});
