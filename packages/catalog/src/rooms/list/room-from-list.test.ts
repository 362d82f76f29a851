import fc from 'fast-check';
import { vocabulary } from './vocabulary';
import { roomFromList } from './room-from-list';

function read(text: string, unit: 'kg' | 'lb' = 'kg') {
  let made = 0;
  const { room, parts } = roomFromList(text, { id: () => `id${(made += 1)}`, unit, name: 'Gym' });
  const masses = (all: readonly { massG: number; count: number }[]) =>
    all.map(({ massG, count }) => [massG / 1000, count]);
  return { room, parts, masses, missed: parts.filter(({ says }) => says === null) };
}

describe('a room from a list', () => {
  it('is what a small gym writes, on one line', () => {
    const { room, masses, missed } = read(
      '2 bars 20, plates 2×20 4×10 4x5 2x2,5, dumbbells 2–30 by 2, rack, 2 benches, leg press 10-200 by 10 lb',
    );
    expect(missed).toEqual([]);
    expect(masses(room.bars)).toEqual([[20, 2]]);
    expect(masses(room.plates)).toEqual([
      [20, 2],
      [10, 4],
      [5, 4],
      [2.5, 2],
    ]);
    expect(masses(room.dumbbells)[0]).toEqual([2, 2]);
    expect(room.dumbbells).toHaveLength(15);
    expect(room.furniture!.map(({ kind, count }) => [kind, count])).toEqual([
      ['rack', 1],
      ['flat bench', 2],
    ]);
    expect(room.stacks[0]).toMatchObject({ station: 'leg press', unit: 'lb', count: 20 });
    expect(room.stacks[0]!.firstG).toBe(4536);
  });

  it('reads masses before how many where one line shows that they come first', () => {
    const { room, masses } = read('plates: 20kg x 8, 10 kg x 4, 5x4, 2.5x4');
    expect(masses(room.plates)).toEqual([
      [20, 8],
      [10, 4],
      [5, 4],
      [2.5, 4],
    ]);
    expect(masses(read('plates 8x5').room.plates)).toEqual([[5, 8]]);
    expect(masses(read('45 lb plates x 6, 25 x 4', 'lb').room.plates)[1]![1]).toBe(4);
  });

  it('lets numbers alone go on with what was named before them', () => {
    const { room, masses, missed } = read(
      'DBs 1-3 by 1, 5-10 by 2.5\nkettlebells 8, 12, 16 kg\nsingle dumbbell 26',
    );
    expect(missed).toEqual([]);
    expect(room.dumbbells.map(({ massG }) => massG / 1000)).toEqual([1, 2, 3, 5, 7.5, 10, 26]);
    expect(room.dumbbells.at(-1)!.count).toBe(1);
    expect(masses(room.kettlebells)).toEqual([
      [8, 1],
      [12, 1],
      [16, 1],
    ]);
  });

  it('says what it assumed, and gives back what it did not understand', () => {
    const { parts, room } = read('hex bar, leg curl, dumbbells up to 8, rowing machine, plates');
    expect(parts.map(({ text, says }) => [text, says])).toEqual([
      ['hex bar', 'Trap bar: 1 × 25 kg (as usual, none is said)'],
      ['leg curl', '1 × Leg curl, pins 5 to 75 kg by 5 (assumed: look at its pins)'],
      ['dumbbells up to 8', 'Dumbbells: 2, 4, 6 and 8 kg (by 2, as no step is said), pairs'],
      ['rowing machine', null],
      ['plates', null],
    ]);
    expect(room.furniture).toBeNull();
  });

  it('counts the same thing named twice together', () => {
    const { room, masses } = read('rack, two racks, 2x20 plates, 2x20 plates, dumbbells 4 6, 6 8');
    expect(room.furniture).toMatchObject([{ kind: 'rack', count: 3 }]);
    expect(masses(room.plates)).toEqual([[20, 4]]);
    expect(room.dumbbells).toHaveLength(3);
  });

  it('never makes a thing without mass or count, whatever is typed', () => {
    const word = fc.constantFrom(
      ...vocabulary.map(([{ source }]) => source.replace(/\(\?:|[)?\\[\]]|\|.*/g, '')),
      'x',
      '×',
      'kg',
      'lb',
      'by',
      'to',
      '-',
      ',',
      'pairs',
    );
    const piece = fc.oneof(
      word,
      fc.nat(300).map(String),
      fc.constantFrom('2.5', '0', '1,25', '0,5'),
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 12 }), (pieces) => {
        const { room, parts } = read(pieces.join(' '));
        const counted = [...room.bars, ...room.plates, ...room.dumbbells, ...room.kettlebells];
        for (const { massG, count } of counted) {
          expect(massG).toBeGreaterThan(0);
          expect(Number.isInteger(count) && count > 0).toBe(true);
        }
        for (const { count } of [...(room.furniture ?? []), ...room.stacks])
          expect(Number.isInteger(count) && count > 0).toBe(true);
        expect(parts.every(({ text }) => text.trim() !== '')).toBe(true);
      }),
    );
  });
});
