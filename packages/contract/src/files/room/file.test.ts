import type { Room } from '@spalo/core/room';
import { toGrams } from '@spalo/core/unit';
import fc from 'fast-check';
import { roomColumns } from './columns';
import { readRoomFile, roomToJson } from './file';
import { roomToCsv } from './to-csv';

let made = 0;
const id = () => `019a0000-0000-7000-8000-${String((made += 1)).padStart(12, '0')}`;
const kg = (value: number) => toGrams(value, 'kg');

const plate = (mass: number, unit: 'kg' | 'lb', count: number) => ({
  id: id(),
  massG: toGrams(mass, unit),
  unit,
  count,
  diameterMm: 200 + Math.round(mass * 5),
  thicknessMm: 20,
});
const plates = [plate(20, 'kg', 4), plate(45, 'lb', 2), plate(1.25, 'kg', 3)];
const full: Room = {
  id: id(),
  name: 'Loft, “north” end',
  plates,
  bars: [
    {
      id: id(),
      name: 'Trap bar, old',
      kind: 'trap',
      massG: kg(24),
      unit: 'kg',
      sleeveMm: 260,
      count: 1,
      fits: [plates[0]!.id, plates[1]!.id],
      handleMm: [230, 330],
    },
  ],
  dumbbells: [{ id: id(), massG: toGrams(15, 'lb'), unit: 'lb', count: 2 }],
  kettlebells: [{ id: id(), massG: kg(16), unit: 'kg', count: 1 }],
  stacks: [
    {
      id: id(),
      name: 'Column',
      station: 'cable',
      unit: 'lb',
      firstG: toGrams(10, 'lb'),
      stepG: toGrams(10, 'lb'),
      count: 16,
      addOnsG: [toGrams(5, 'lb'), toGrams(2.5, 'lb')],
      ratio: 0.5,
      assisted: false,
    },
  ],
  machines: [
    {
      id: id(),
      name: 'Sled',
      station: 'sled',
      massG: kg(30),
      unit: 'kg',
      sleeveMm: 300,
      horns: 1,
      fits: null,
    },
  ],
  bands: [{ id: id(), label: 'Green', restG: kg(3), stretchedG: kg(16) }],
  furniture: [
    { id: id(), kind: 'rack', count: 2 },
    { id: id(), kind: 'adjustable bench', count: 1 },
  ],
};

const read = (text: string) => readRoomFile(text, id);
const roomIn = (text: string): Room => {
  const file = read(text);
  if (!('room' in file)) throw new Error(JSON.stringify(file.problems));
  return file.room;
};
const problemsIn = (text: string) => {
  const file = read(text);
  return 'problems' in file ? file.problems : [];
};

/** A room without its ids: what fits is named by the plates' masses. */
function bare(room: Room) {
  const masses = (ids: string[] | null) =>
    ids && room.plates.filter((each) => ids.includes(each.id)).map((each) => each.massG);
  const strip = <T extends { id: string }>(items: T[]) => items.map(({ id: _id, ...rest }) => rest);
  return {
    ...room,
    id: null,
    bars: strip(room.bars).map((each) => ({ ...each, fits: masses(each.fits) })),
    machines: strip(room.machines).map((each) => ({ ...each, fits: masses(each.fits) })),
    plates: strip(room.plates),
    dumbbells: strip(room.dumbbells),
    kettlebells: strip(room.kettlebells),
    stacks: strip(room.stacks),
    bands: strip(room.bands),
    furniture: room.furniture && strip(room.furniture),
  };
}

describe('a room as a file', () => {
  it('comes back from CSV and JSON as it was, under new ids', () => {
    expect(bare(roomIn(roomToCsv(full)))).toEqual(bare(full));
    expect(bare(roomIn(roomToJson(full)))).toEqual(bare(full));
    expect(roomIn(roomToJson(full)).id).not.toBe(full.id);
  });

  it('tells a room in which nothing stands from one of which nobody has said', () => {
    const saying = (furniture: Room['furniture']) => ({ ...full, furniture });
    for (const write of [roomToCsv, roomToJson]) {
      expect(roomIn(write(saying([]))).furniture).toEqual([]);
      expect(roomIn(write(saying(null))).furniture).toBeNull();
    }
    const { furniture: _none, ...before } = full;
    const old = JSON.stringify({ format: 'spalo-room', version: 1, room: before });
    expect(roomIn(old).furniture).toBeNull();
    expect(problemsIn('kind,name,count\nfurniture,sofa,1')[0]).toMatchObject({
      row: 2,
      column: 'name',
    });
  });

  it('keeps any plates and bells, in kg and lb, to the gram', () => {
    const item = fc.record({
      mass: fc.constantFrom(0.5, 1.25, 2.5, 5, 10, 22.5, 45),
      unit: fc.constantFrom('kg' as const, 'lb' as const),
      count: fc.integer({ min: 0, max: 20 }),
    });
    fc.assert(
      fc.property(fc.array(item, { maxLength: 20 }), fc.array(item, { maxLength: 20 }), (a, b) => {
        const room: Room = {
          ...full,
          bars: [],
          machines: [],
          plates: a.map(({ mass, unit, count }) => plate(mass, unit, count)),
          dumbbells: b.map(({ mass, unit, count }) => ({
            id: id(),
            massG: toGrams(mass, unit),
            unit,
            count,
          })),
        };
        expect(bare(roomIn(roomToCsv(room)))).toEqual(bare(room));
      }),
    );
  });

  it('takes a short hand-made CSV, with commas for decimals and columns in any order', () => {
    const room = roomIn(
      'unit;kind;mass;count;diameter_mm;thickness_mm\nkg;plate;2,5;4;190;20\nkg;dumbbell;10;;;',
    );
    expect(room.plates).toMatchObject([{ massG: 2500, count: 4 }]);
    expect(room.dumbbells).toMatchObject([{ massG: 10_000, count: 2 }]);
  });
});

describe('a file that is not right', () => {
  const head = roomColumns.join(',');
  it('says which row, which column and why, for every row at once, and imports nothing', () => {
    const text = [
      'kind,name,mass,unit,count,diameter_mm,thickness_mm,sleeve_mm,fits',
      'plate,,twenty,kg,4,450,40,,',
      'barrel,,5,kg,1,,,,',
      'bar,Bar,20,stone,1,,,400,',
      'bar,Bar,20,kg,1,,,400,7 kg',
    ].join('\n');
    expect(problemsIn(text)).toEqual([
      { row: 2, column: 'mass', message: '“twenty” is not a number' },
      { row: 3, column: 'kind', message: expect.stringContaining('One of: room, bar, plate') },
      { row: 4, column: 'unit', message: 'One of: kg, lb' },
      { row: 4, column: 'unit', message: 'One of: kg, lb' },
      { row: 5, column: 'fits', message: 'No plate of 7 kg in this file' },
    ]);
  });

  it('counts rows as a spreadsheet does, empty ones too', () => {
    const text = 'kind,mass\n\nplate,x\n,\ndumbbell,y';
    const rows = problemsIn(text).map((problem) => problem.row);
    expect([...new Set(rows)]).toEqual([3, 5]);
  });

  it('is held to the same limits as the form', () => {
    const text =
      'kind,mass,unit,count,diameter_mm,thickness_mm\nplate,20,kg,4,4500,40\nplate,900,kg,2,450,40';
    expect(problemsIn(text)).toEqual([
      { row: 2, column: 'diameter_mm', message: 'At most 600 mm' },
      { row: 3, column: 'mass', message: 'At most 500 kg' },
    ]);
  });

  it.each([
    ['nothing', '', 'The file is empty'],
    ['a heading alone', head, 'No rows below the heading'],
    [
      'a table of something else',
      'a,b\n1,2',
      'The first row must name the columns, “kind” among them',
    ],
    ['a column named twice', 'kind,mass,mass\nplate,1,2', 'This column stands here twice'],
    [
      'a cell too many',
      'kind,mass\nplate,1,2',
      'More cells than columns; put quotes round text with a comma in it',
    ],
    ['half a JSON', '{"format":', 'This is not JSON'],
    ['another JSON', '{"format":"recipe"}', 'Not a room made by Spalo'],
  ])('refuses %s in words', (_name, text, message) => {
    expect(problemsIn(text).map((problem) => problem.message)).toContain(message);
  });

  it('never throws, whatever is in it', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.string().map((text) => `${head}\n${text}`),
        ),
        (text) => {
          expect(read(text)).toBeDefined();
        },
      ),
    );
  });
});
