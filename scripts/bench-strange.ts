import { repLifts } from '../packages/catalog/src/index';
import {
  populationTruth,
  programmeOf,
  seededRandom,
  simulateClient,
  strangePeople,
  train,
  usualHabit,
  type LiftOutcome,
} from '../packages/simulator/src/index';

/** People who do not fit the mean, twelve weeks each: the worst that is done to each. SEED=… takes others, EACH=… more of a kind. */
const SEED = Number(process.env.SEED ?? 747_474);
const EACH = Number(process.env.EACH ?? 10);
const SESSIONS = 24;
const START_MS = Date.parse('2026-11-24T10:00:00.000Z');
const print = (text: string) => process.stdout.write(`${text}\n`);
const percent = (share: number) => `${(100 * share).toFixed(0)}%`;

/** Of several, the longest run for which something holds. */
function longest<T>(of: readonly T[], holds: (each: T) => boolean): number {
  let [most, run] = [0, 0];
  for (const each of of) {
    run = holds(each) ? run + 1 : 0;
    most = Math.max(most, run);
  }
  return most;
}

/** Sessions in a row in which every set of a lift was far too easy, or in which one failed. */
function runs({ sets }: LiftOutcome) {
  const sessions = [...new Set(sets.map(({ session }) => session))].map((session) =>
    sets.filter((set) => set.session === session),
  );
  return {
    easy: longest(sessions, (of) => of.every(({ left, targetRir }) => left >= targetRir + 3)),
    failed: longest(sessions, (of) => of.some(({ failed }) => failed)),
  };
}

print(`Strange people, ${EACH} of each, four lifts, ${SESSIONS} sessions, seed ${SEED}.`);
print(
  '| who | on target | too easy | failed | of right at the end: middle, worst | heaviest ask of right | in a row too easy, failed |',
);
print('| --- | --- | --- | --- | --- | --- | --- |');
for (const { name, change, stretch, habit } of strangePeople) {
  const lifts = Array.from({ length: EACH }, (_, nth) => {
    const random = seededRandom(SEED * 100 + nth);
    const truth = populationTruth('power', repLifts(), random, { ...usualHabit, ...habit });
    const client = change(
      simulateClient(truth, repLifts(), new Date(START_MS).toISOString(), random),
    );
    const programme = programmeOf(repLifts(), 4, random);
    const setting = { sessions: SESSIONS, stepG: 2500, startMs: START_MS, ...stretch };
    return train(client, repLifts(), programme, 'spalo', setting, random);
  }).flat();
  const sets = lifts.flatMap((lift) => lift.sets);
  const share = (holds: (set: (typeof sets)[number]) => boolean) =>
    percent(sets.filter(holds).length / sets.length);
  const ends = lifts.map(({ off }) => Math.exp(off.at(-1)!)).sort((a, b) => a - b);
  const heaviest = Math.max(...lifts.flatMap(({ off }) => off.map(Math.exp)));
  const worst = lifts.map(runs);
  print(
    `| ${[
      name,
      share((set) => Math.abs(set.left - set.targetRir) <= 1),
      share((set) => set.left >= set.targetRir + 2),
      share((set) => set.failed),
      `${ends[Math.floor(ends.length / 2)]!.toFixed(2)}, ${ends[0]!.toFixed(2)} to ${ends.at(-1)!.toFixed(2)}`,
      heaviest.toFixed(2),
      `${Math.max(...worst.map(({ easy }) => easy))}, ${Math.max(...worst.map(({ failed }) => failed))}`,
    ].join(' | ')} |`,
  );
}
