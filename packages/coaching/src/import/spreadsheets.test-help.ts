import { allLifts } from '@spalo/catalog';
import { fromGrams, toGrams, type Unit } from '@spalo/core/unit';

/** A set that a made-up log holds. */
export interface True {
  day: string;
  client: string;
  lift: string;
  loadG: number;
  reps: number;
}

/** Numbers by chance, the same for the same seed. */
function chance(seed: number) {
  let state = seed * 2_654_435_761 + 1;
  const next = () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return state / 4_294_967_296;
  };
  return {
    next,
    below: (count: number) => Math.floor(next() * count),
    one: <T>(items: readonly T[]) => items[Math.floor(next() * items.length)]!,
  };
}

const CLIENTS = ['Runa Hallvard', 'Odo Pell', 'Isa M.', 'Zoë Ängström'];
const DAY_MS = 24 * 3600 * 1000;

/** Days of training with sets of some lifts, each in a load that is whole in `unit`. */
export function log(seed: number, days: number, unit: Unit, clients = 1): True[] {
  const { below, one, next } = chance(seed);
  const lifts = allLifts().filter(
    ({ counted, bodyShare }) => counted === 'reps' && bodyShare === 0,
  );
  const mine = Array.from({ length: 4 }, () => one(lifts)).filter(
    (lift, at, all) => all.indexOf(lift) === at,
  );
  const from = Date.UTC(2023, 0, 2 + below(20));
  const step = unit === 'kg' ? 2.5 : 5;
  return Array.from({ length: days }, (_, at) => at).flatMap((at) => {
    const day = new Date(from + (at * 2 + below(2)) * DAY_MS).toISOString().slice(0, 10);
    const client = CLIENTS[at % clients]!;
    return mine.flatMap((lift, place) => {
      const load = step * (8 + place * 4 + below(6) + (next() < 0.3 ? 0.5 : 0));
      const reps = 5 + below(6);
      return Array.from({ length: 1 + below(3) }, () => ({
        day,
        client,
        lift: lift.name,
        loadG: toGrams(load, unit),
        reps: Math.max(1, reps - below(2)),
      }));
    });
  });
}

const amount = (grams: number, unit: Unit, comma = false) => {
  const text = String(Number(fromGrams(grams, unit).toFixed(2)));
  return comma ? text.replace('.', ',') : text;
};
const [dmy, mdy] = [
  (day: string) => day.split('-').reverse().join('/'),
  (day: string) => `${day.slice(5, 7)}/${day.slice(8)}/${day.slice(0, 4)}`,
];
const quoted = (cell: string) => (/[",\n;]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);
const lines = (rows: readonly (readonly string[])[], by = ',') =>
  rows.map((row) => row.map((cell) => (by === ',' ? quoted(cell) : cell)).join(by)).join('\n');

/** One row a set, ISO days, in kilograms. */
export const long = (sets: readonly True[]) =>
  lines([
    ['Date', 'Client', 'Exercise', 'Weight (kg)', 'Reps', 'Notes'],
    ...sets.map(({ day, client, lift, loadG, reps }) => [
      day,
      client,
      lift,
      amount(loadG, 'kg'),
      String(reps),
      'ok, "good"',
    ]),
  ]);

function groupBy<K>(sets: readonly True[], keyOf: (set: True) => K): Map<K, True[]> {
  const groups = new Map<K, True[]>();
  for (const set of sets) groups.set(keyOf(set), [...(groups.get(keyOf(set)) ?? []), set]);
  return groups;
}
const byDay = (sets: readonly True[]) => groupBy(sets, ({ day }) => day);
const liftsOf = (sets: readonly True[]) => [...new Set(sets.map(({ lift }) => lift))];

/** One row a day, a column a lift with whole sets in it: "60x8, 60x7". */
export function wide(sets: readonly True[]): string {
  const lifts = liftsOf(sets);
  return lines([
    ['Log in kg'],
    [],
    ['Day', ...lifts],
    ...[...byDay(sets)].map(([day, all]) => [
      day,
      ...lifts.map((lift) =>
        all
          .filter((set) => set.lift === lift)
          .map(({ loadG, reps }) => `${amount(loadG, 'kg')}x${reps}`)
          .join('; '),
      ),
    ]),
  ]);
}

/** Pounds with decimals behind a comma, cells between semicolons, months first. */
export const poundsWithCommas = (sets: readonly True[]) =>
  lines(
    [
      ['Session date', 'Lift', 'Load lbs', 'Repetitions'],
      ...sets.map(({ day, lift, loadG, reps }) => [
        mdy(day),
        lift,
        amount(loadG, 'lb', true),
        String(reps),
      ]),
    ],
    ';',
  );

/** Days first, the day and the lift only where they change, several reps in one cell. */
export function daysFirst(sets: readonly True[]): string {
  const rows: string[][] = [];
  for (const [day, all] of byDay(sets)) {
    let isFirst = true;
    for (const lift of liftsOf(all)) {
      const own = all.filter((set) => set.lift === lift);
      for (const [load, same] of groupBy(own, ({ loadG }) => loadG)) {
        const reps = same.map((set) => set.reps).join('/');
        rows.push([isFirst ? dmy(day) : '', lift, amount(load, 'kg'), reps]);
        isFirst = false;
      }
    }
  }
  return lines([['When', 'Movement', 'kg', 'reps'], ...rows]);
}

/** Lifts beside each other: their names over two merged cells, "kg" and "reps" below, a row a set. */
export function mergedHeads(sets: readonly True[]): string {
  const lifts = liftsOf(sets);
  const rows: string[][] = [];
  for (const [day, all] of byDay(sets)) {
    const own = lifts.map((lift) => all.filter((set) => set.lift === lift));
    const deep = Math.max(...own.map(({ length }) => length));
    for (let at = 0; at < deep; at += 1) {
      rows.push([
        at === 0 ? day : '',
        ...own.flatMap((group) => {
          const set = group[at];
          return set ? [amount(set.loadG, 'kg'), String(set.reps)] : ['', ''];
        }),
      ]);
    }
    rows.push(['Total', String(all.length)]);
  }
  return lines([
    ['Training of two years'],
    ['', ...lifts.flatMap((lift) => [lift, ''])],
    ['Date', ...lifts.flatMap(() => ['kg', 'reps'])],
    ...rows,
  ]);
}
