import { allLifts, findLift } from '@spalo/catalog';
import fc from 'fast-check';
import { loadOf, repsOf, setsOf } from './cells';
import { dayOf, guessOrder } from './days';
import { guessReading } from './guess';
import { liftFinder, plainName } from './lift-names';
import type { Reading } from './reading';
import { readSets } from './read-sets';
import {
  daysFirst,
  log,
  long,
  mergedHeads,
  poundsWithCommas,
  wide,
  type True,
} from './spreadsheets.test-help';
import { columnLetters, tableOf } from './table';

const TODAY = '2026-11-24';
const liftOf = liftFinder();

/** How a file is read when nobody corrects anything but what is given. */
function read(text: string, correct: Partial<Reading> = {}) {
  const table = tableOf(text);
  const guess = guessReading(table, 'kg', liftOf);
  return { guess, ...readSets(table, { ...guess.reading, ...correct }, TODAY) };
}

const told = (sets: readonly True[]) =>
  sets.map(({ day, lift, loadG, reps }) => `${day} ${lift} ${loadG} ${reps}`).sort();
/** Lifts by what they were found to be, loads to the ten grams that a file in pounds loses. */
const found = (sets: readonly Omit<True, 'client'>[]) =>
  sets
    .map(({ day, lift, loadG, reps }) => {
      const named = liftOf(lift);
      return `${day} ${named ? findLift(named.liftId)!.name : lift} ${loadG} ${reps}`;
    })
    .sort();

const shapes = {
  long,
  wide,
  'pounds with commas': poundsWithCommas,
  'days first': daysFirst,
  'merged heads': mergedHeads,
};

describe('spreadsheets of five shapes', () => {
  // Seeds of these were never looked at while the reader was written.
  const seeds = Array.from({ length: 12 }, (_, at) => 900 + at);
  it.each(Object.entries(shapes))('%s: come in whole, without a correction', (shape, make) => {
    for (const seed of seeds) {
      const sets = log(seed, 25, shape.startsWith('pounds') ? 'lb' : 'kg');
      const { guess, ...file } = read(make(sets));
      expect([seed, file.faults]).toEqual([seed, []]);
      expect([seed, found(file.sets)]).toEqual([seed, told(sets)]);
      expect([seed, guess.daysUnsure]).toEqual([seed, false]);
    }
  });

  it('of twenty thousand rows come in as well, with their clients', () => {
    const sets = log(77, 600, 'kg', 3);
    const rows = Array.from({ length: 20_000 }, (_, at) => sets[at % sets.length]!);
    const file = read(long(rows));
    expect(file.faults).toEqual([]);
    expect(found(file.sets)).toEqual(told(rows));
    expect(new Set(file.sets.map(({ client }) => client)).size).toBe(3);
  });

  it('that name no unit, or whose days read both ways, are asked about: one correction each', () => {
    const sets = log(5, 12, 'lb').map((set) => ({ ...set, day: `${set.day.slice(0, 8)}05` }));
    const text = poundsWithCommas(sets).replace('Load lbs', 'Load');
    const { guess } = read(text);
    expect(guess.unitUnsaid).toBe(true);
    const right = read(text, { unit: 'lb', days: 'month first' });
    expect(found(right.sets)).toEqual(told(sets));
  });
});

describe('a spreadsheet that says more than what was done', () => {
  const rows = (head: string, ...lines: string[]) => [head, ...lines].join('\n');
  const done = (text: string) =>
    read(text).sets.map(({ day, loadG, reps }) => `${day} ${loadG / 1000} × ${reps}`);

  it.each([
    ['Target weight', 'Actual weight', 'Target reps', 'Actual reps'],
    ['Planned load', 'Load', 'Planned reps', 'Reps'],
    ['Prescribed kg weight', 'Weight', 'Prescribed reps', 'Reps done'],
    ['Max weight', 'Weight (kg)', 'Goal reps', 'Reps'],
    ['Weight', 'Actual weight', 'Reps', 'Reps completed'],
  ])('takes what was done: %s and %s', (asked, load, askedReps, reps) => {
    const head = `Date,Exercise,${asked},${askedReps},${load},${reps}`;
    expect(
      done(rows(head, '2025-02-03,Squat,100,5,92.5,4', '2025-02-05,Squat,100,5,95,5')),
    ).toEqual(['2025-02-03 92.5 × 4', '2025-02-05 95 × 5']);
  });

  it('takes nothing of a plan for what was done, and says what it left', () => {
    const text = rows(
      'Date,Exercise,Target weight,Target reps,RPE target',
      '2025-02-03,Squat,100,5,8',
    );
    const { guess, sets } = read(text);
    expect(sets).toEqual([]);
    expect(guess.reading.columns.load).toBeUndefined();
    expect(guess.planned).toEqual(['Target weight', 'Target reps', 'RPE target']);
  });

  it('takes no birth date for the day of a session', () => {
    const head = 'Name,Date of birth,Date,Exercise,kg,reps';
    expect(done(rows(head, 'Ada,1991-05-04,2025-02-03,Squat,60,8'))).toEqual(['2025-02-03 60 × 8']);
    expect(
      read(rows('Name,Birth date,Exercise,kg,reps', 'Ada,1991-05-04,Squat,60,8')).sets,
    ).toEqual([]);
  });

  it('asks where two columns may hold the same, and not where one is the other in pounds', () => {
    const two = read(rows('Date,Exercise,Weight 1,Weight 2,reps', '2025-02-03,Squat,60,65,8'));
    expect(two.guess.rivals).toEqual([{ field: 'load', heads: ['Weight 1', 'Weight 2'] }]);
    const twins = read(rows('Date,Exercise,Weight kg,Weight lb,reps', '2025-02-03,Squat,60,132,8'));
    expect(twins.guess.rivals).toEqual([]);
  });
});

describe('a broken spreadsheet', () => {
  it('says the fault of every row, with its place', () => {
    const text = [
      'Date,Exercise,kg,reps',
      '2025-02-30,Squat,60,8',
      ',Squat,60,8',
      '2025-02-03,,60,8',
      '2025-02-03,Squat,heavy,8',
      '2025-02-03,Squat,60,many',
      '2025-02-03,Squat,60,',
      '2999-02-03,Squat,60,8',
      '2025-02-03,Squat,60,8',
      '2025-02-03,Squat,2000,8',
      'A remark,,,',
    ].join('\n');
    const { faults, sets, passedOver } = read(text);
    expect(faults.map(({ row, column }) => `${column}${row}`)).toEqual([
      'A2',
      'A3',
      'B4',
      'C5',
      'D6',
      'D7',
      'A8',
      'C10',
    ]);
    expect(faults[0]!.message).toMatch(/2025-02-30/);
    expect([sets.length, passedOver]).toEqual([1, 1]);
  });

  it('with a slip of the pen in it is asked about', () => {
    const sets = log(3, 20, 'kg');
    const slip = { ...sets[7]!, loadG: sets[7]!.loadG * 10 };
    const { doubts } = read(long(sets.with(7, slip)));
    expect(doubts.map(({ row }) => row)).toEqual([9]);
  });

  it('never throws, whatever stands in it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ maxLength: 12 }), { maxLength: 6 }), { maxLength: 30 }),
        (rows) => {
          const text = rows.map((row) => row.join(',')).join('\n');
          const { sets, faults } = read(`Date,Lift,kg,reps\n${text}`);
          for (const { row } of faults) expect(row).toBeGreaterThan(1);
          for (const { loadG, reps } of sets) {
            expect(Number.isInteger(loadG) && loadG >= 0 && reps > 0).toBe(true);
          }
        },
      ),
    );
  });
});

describe('cells', () => {
  const writing = { unit: 'kg', comma: false } as const;
  it.each([
    ['60', 60_000],
    ['62.5 kg', 62_500],
    ['135 lb', 61_235],
    ['135lbs', 61_235],
    ['BW', 0],
    ['BW+10', 10_000],
    ['heavy', null],
    ['', null],
  ])('%s is a load of %s g', (cell, grams) => {
    expect(loadOf(cell, writing)).toBe(grams);
  });

  it.each([
    ['60x8', [[60, 8]]],
    [
      '60 kg x 8 x 2',
      [
        [60, 8],
        [60, 8],
      ],
    ],
    [
      '3x8 @ 60',
      [
        [60, 8],
        [60, 8],
        [60, 8],
      ],
    ],
    [
      '60x8, 60x7; 55x10',
      [
        [60, 8],
        [60, 7],
        [55, 10],
      ],
    ],
    [
      '60x8 55x10',
      [
        [60, 8],
        [55, 10],
      ],
    ],
    [
      '60: 8, 8, 7',
      [
        [60, 8],
        [60, 8],
        [60, 7],
      ],
    ],
    ['60', null],
  ])('%s tells of %j', (cell, sets) => {
    const got = setsOf(cell, writing)?.map(({ loadG, reps }) => [loadG / 1000, reps]) ?? null;
    expect(got).toEqual(sets);
  });

  it('hold reps of several sets', () => {
    expect([repsOf('8'), repsOf('8,8,7'), repsOf('3x8'), repsOf('8 reps'), repsOf('x')]).toEqual([
      [8],
      [8, 8, 7],
      [8, 8, 8],
      [8],
      null,
    ]);
  });
});

describe('days', () => {
  it.each([
    ['2025-05-03', 'year first', '2025-05-03'],
    ['2025/5/3 10:30', 'year first', '2025-05-03'],
    ['3.5.2025', 'day first', '2025-05-03'],
    ['05/03/25', 'month first', '2025-05-03'],
    ['Sat, 3 May 2025', 'day first', '2025-05-03'],
    ['May 3, 2025', 'month first', '2025-05-03'],
    ['45780', 'serial', '2025-05-03'],
    ['31/02/2025', 'day first', null],
    ['soon', 'day first', null],
  ] as const)('%s (%s) is %s', (cell, order, day) => {
    expect(dayOf(cell, order)).toBe(day);
  });

  it('that read both ways are told by their order in time, and asked about where that says nothing', () => {
    expect(guessOrder(['01/02/2025', '02/02/2025', '03/02/2025', '01/03/2025'])).toEqual({
      order: 'day first',
      sure: true,
    });
    expect(guessOrder(['02/01/2025', '02/02/2025', '02/03/2025', '03/01/2025'])).toEqual({
      order: 'month first',
      sure: true,
    });
    expect(guessOrder(['05/05/2025', '06/06/2025']).sure).toBe(true);
    expect(guessOrder(['01/02/2025']).sure).toBe(false);
  });
});

describe('names of lifts', () => {
  it('are found as the catalogue has them', () => {
    for (const { id, name } of allLifts()) expect(liftOf(name)).toEqual({ liftId: id, sure: true });
  });

  it.each([
    ['Squats', 'back-squat'],
    ['BB Bench Press', 'bench-press'],
    ['DB Bench', 'dumbbell-bench-press'],
    ['RDL', 'romanian-deadlift'],
    ['OHP', 'overhead-press'],
    ['Lat Pull Down', 'lat-pulldown'],
    ['one-arm rows', 'one-arm-row'],
    ['Goblet  squat!', 'goblet-squat'],
    ['Leg Presses', 'leg-press'],
    ['Lat pull', 'lat-pulldown'],
    ['Romanian deadlifts', 'romanian-deadlift'],
    ['Barbell back squat', 'back-squat'],
    ['Incline DB press', 'incline-dumbbell-press'],
    ['Seated cable row', 'seated-row'],
  ])('%s is %s', (name, liftId) => {
    expect([plainName(name), liftOf(name)?.liftId]).toEqual([plainName(name), liftId]);
  });

  it('that mean nothing are said to mean nothing', () => {
    for (const name of ['Zumba', 'Zumba with Kevin', 'Tennis', 'Rest day']) {
      expect([name, liftOf(name)]).toEqual([name, null]);
    }
    expect(liftOf('')).toBeNull();
  });
});

it('columns have the letters of a spreadsheet', () => {
  expect([0, 25, 26, 51, 52, 701, 702].map(columnLetters)).toEqual([
    'A',
    'Z',
    'AA',
    'AZ',
    'BA',
    'ZZ',
    'AAA',
  ]);
});
