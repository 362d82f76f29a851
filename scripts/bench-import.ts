/* eslint-disable no-console */
import { findLift } from '@spalo/catalog';
import { guessReading, liftFinder, readSets, tableOf } from '@spalo/coaching/import';
import {
  daysFirst,
  log,
  long,
  mergedHeads,
  poundsWithCommas,
  wide,
  type True,
} from '../packages/coaching/src/import/spreadsheets.test-help';

/**
 * Reads made-up spreadsheets of five shapes, from seeds never looked at (FROM, SEEDS): how many come in whole without a
 * correction, by shape; and one of ROWS rows, for its time.
 */
const FROM = Number(process.env.FROM ?? 5000);
const SEEDS = Number(process.env.SEEDS ?? 40);
const ROWS = Number(process.env.ROWS ?? 50_000);
const TODAY = '2026-11-24';
const liftOf = liftFinder();

const told = (sets: readonly Omit<True, 'client'>[]) =>
  sets
    .map(({ day, lift, loadG, reps }) => {
      const named = liftOf(lift);
      return `${day} ${named ? findLift(named.liftId)!.name : lift} ${loadG} ${reps}`;
    })
    .sort()
    .join('\n');

const shapes = { long, wide, poundsWithCommas, daysFirst, mergedHeads };

console.log(`\nSpreadsheets: ${SEEDS} logs of each shape, seeds from ${FROM}`);
for (const [name, make] of Object.entries(shapes)) {
  let whole = 0;
  let asked = 0;
  for (let seed = FROM; seed < FROM + SEEDS; seed += 1) {
    const sets = log(seed, 20, name === 'poundsWithCommas' ? 'lb' : 'kg');
    const table = tableOf(make(sets));
    const { reading, unitUnsaid, daysUnsure } = guessReading(table, 'kg', liftOf);
    const file = readSets(table, reading, TODAY);
    if (file.faults.length === 0 && told(file.sets) === told(sets)) whole += 1;
    if (unitUnsaid || daysUnsure) asked += 1;
  }
  console.log(
    `  ${name.padEnd(18)} ${whole} of ${SEEDS} whole without a correction; asked about ${asked}`,
  );
}

const few = log(FROM, 600, 'kg', 3);
const text = long(Array.from({ length: ROWS }, (_, at) => few[at % few.length]!));
const since = performance.now();
const table = tableOf(text);
const parsed = performance.now();
const { reading } = guessReading(table, 'kg', liftOf);
const { sets } = readSets(table, reading, TODAY);
const done = performance.now();
console.log(
  `  ${ROWS} rows (${(text.length / 1e6).toFixed(1)} MB): ${(parsed - since).toFixed(0)} ms to take apart, ${(done - parsed).toFixed(0)} ms to read ${sets.length} sets`,
);
