import type { Barbell, Build, Plate } from '@spalo/core/room';
import { buildText, changeText, dropText, platesText } from './load-text';

const plate = (massG: number, unit: 'kg' | 'lb' = 'kg'): Plate => ({
  id: `${massG}${unit}`,
  massG,
  unit,
  count: 4,
  diameterMm: 400,
  thicknessMm: 20,
});
const twenty = plate(20_000);
const ten = plate(10_000);
const five = plate(5_000);
const pounds = plate(2_268, 'lb');
const bar: Barbell = {
  id: 'bar',
  name: 'Long bar',
  kind: 'straight',
  massG: 20_000,
  unit: 'kg',
  sleeveMm: 400,
  count: 1,
  fits: null,
  handleMm: [],
};
const on = (...perSide: Plate[]): Build => ({ kind: 'barbell', bar, perSide, hands: 1 });
const horn = (horns: 1 | 2, ...perSide: Plate[]): Build => ({
  kind: 'machine',
  machine: {
    id: 'press',
    name: 'Leg press',
    station: 'leg press',
    massG: 32_000,
    unit: 'kg',
    sleeveMm: 300,
    horns,
    fits: null,
  },
  perSide,
});

describe('plates in words', () => {
  it.each([
    [[twenty, five], '20 + 5'],
    [[pounds], '5 lb'],
    [[ten, pounds], '10 kg + 5 lb'],
    [[], ''],
  ])('%#', (plates, words) => expect(platesText(plates)).toBe(words));

  it.each<[string, Build, Build | null, string]>([
    ['onto the empty bar', on(ten, five), null, 'add 10 + 5 a side'],
    ['more outside', on(ten, five), on(ten), 'add 5 a side'],
    ['one off', on(ten), on(ten, five), 'off 5 a side'],
    ['all others', on(twenty), on(ten, five), 'clear it, add 20 a side'],
    ['one for another', on(ten), on(five), 'off 5, add 10 a side'],
    ['nothing', on(ten), on(ten), ''],
    ['onto a machine', horn(2, ten), on(ten), 'add 10 a side'],
    ['onto one horn', horn(1, ten, five), horn(1, ten), 'add 5 in all'],
  ])('%s', (_name, build, previous, words) => expect(changeText(build, previous)).toBe(words));

  it('says how much lower a bar lies on small plates, and what puts it right', () => {
    expect(dropText(on(ten))).toBe(
      'From the floor the bar lies 25 mm lower than on full plates: stand the plates on blocks of 25 mm',
    );
    expect(dropText(on({ ...twenty, diameterMm: 450 }))).toBeNull();
    expect(dropText(horn(2, ten))).toBeNull();
  });

  it('names stacks, bodies and bells', () => {
    const stack = {
      id: 's',
      name: 'Pulldown',
      station: 'pulldown',
      unit: 'kg',
      firstG: 5000,
      stepG: 5000,
      count: 10,
      addOnsG: [2500],
      ratio: 1,
      assisted: false,
    } as const;
    const pinned: Build = {
      kind: 'stack',
      stack: { ...stack, addOnsG: [2500] },
      pinG: 35_000,
      addOnsG: [2500],
    };
    expect(buildText(pinned, null)).toBe('Pulldown, pin at 35 + 2.5 kg');
    expect(buildText({ kind: 'body', added: [] }, null)).toBe('Bodyweight');
    expect(buildText({ kind: 'body', added: [five] }, null)).toBe('Bodyweight, with 5 added');
    expect(buildText(horn(2), null)).toBe('Leg press, 32 kg empty, nothing on it');
    const kettlebell = { id: 'k', massG: 16_000, unit: 'kg', count: 1 } as const;
    expect(buildText({ kind: 'kettlebell', kettlebell, hands: 1 }, null)).toBe(
      'One kettlebell of 16 kg',
    );
  });

  it('says what is on it, and what to change where there was something else', () => {
    expect(buildText(on(), null)).toBe('Long bar, 20 kg, nothing on it');
    expect(buildText(on(ten), on(five))).toBe('Long bar, 20 kg, 10 a side: off 5, add 10 a side');
    const dumbbell = { id: 'd', massG: 12_000, unit: 'kg', count: 2 } as const;
    expect(buildText({ kind: 'dumbbell', dumbbell, hands: 2 }, null)).toBe(
      'Two dumbbells of 12 kg',
    );
    expect(changeText({ kind: 'dumbbell', dumbbell, hands: 1 }, on(ten))).toBe('');
  });
});
