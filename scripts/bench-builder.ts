import loadHighs from 'highs';
import { findLift } from '../packages/catalog/src/index';
import { buildFor, setsBetween, solveBy, type BuildWish } from '../packages/coaching/src/builder';
import type { Training } from '../packages/coaching/src/planning/draft-input';
import { coverOfWeek, setsIn, weeklySets } from '../packages/core/src/planning/builder/index';
import { muscles } from '../packages/core/src/lift/index';
import {
  randomVisit,
  visitFamilies,
} from '../packages/coaching/src/builder/random-visit.test-help';
import { memoryOf } from '../packages/core/src/memory/index';
import { isClosed, isInFirstYear, liftLimit } from '../packages/core/src/person/index';
import { plainTaste } from '../packages/core/src/warm-up/index';

/**
 * Sessions built for random clients in random rooms: FROM=… the first seed, CLIENTS=… how many a family, READ=1 prints the
 * sessions. Seeds below 1000 were looked at while it was made.
 */
const FROM = Number(process.env.FROM ?? 5000);
const CLIENTS = Number(process.env.CLIENTS ?? 20);
const print = (text: string) => process.stdout.write(`${text}\n`);
const at = (sorted: readonly number[], share: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;

/** Whether a session brings a muscle over the most of its week. */
function isOverWeek(
  lifts: readonly { liftId: string; sets: number }[],
  { client }: Training,
  { week }: BuildWish,
): boolean {
  const { high } = weeklySets(isInFirstYear(client));
  const here = lifts.map(({ liftId, sets }) => ({ lift: findLift(liftId)!, sets }));
  const before = coverOfWeek(setsBetween(client.history, week.from, week.to));
  const after = coverOfWeek(here);
  return muscles.some(
    (muscle) =>
      setsIn(after, muscle) > 0 && setsIn(after, muscle) + setsIn(before, muscle) > high + 1e-6,
  );
}

const solve = solveBy(await loadHighs());
print(
  'family        built  lacks  lifts  minutes of booked  closed  over time  too new  over week  half idle  unsaid  kept with 5 min more   ms p50  p95  most',
);
// A worker warms up once, when the builder is opened.
for (let seed = 1; seed < 8; seed += 1) {
  const { training, wish, hour } = randomVisit('trained', seed);
  buildFor(training, wish, { hour, taste: plainTaste }, solve);
}
const allMs: number[] = [];
for (const family of visitFamilies) {
  const ms: number[] = [];
  const counts = { built: 0, lacks: 0, lifts: 0, used: 0, closed: 0, over: 0, tooNew: 0 };
  const week = { over: 0, half: 0, unsaid: 0, kept: 0, again: 0 };
  for (let seed = FROM; seed < FROM + CLIENTS; seed += 1) {
    const { training, wish, hour } = randomVisit(family, seed);
    const { client, now } = training;
    const from = performance.now();
    const built = buildFor(training, wish, { hour, taste: plainTaste }, solve);
    ms.push(performance.now() - from);
    if ('lacks' in built) {
      counts.lacks += 1;
      if (process.env.READ) print(`${family} ${seed} lacks ${JSON.stringify(built.lacks)}`);
      continue;
    }
    const { lifts, uncovered, idle } = built.session;
    const minutes = built.takes.totalS / 60;
    counts.built += 1;
    counts.lifts += lifts.length;
    counts.used += minutes / wish.minutes;
    if (minutes > wish.minutes) counts.over += 1;
    const closedOf = (liftId: string) =>
      memoryOf(client.history, liftId).plan === null &&
      isClosed(liftLimit(client, findLift(liftId)!, now));
    counts.closed += lifts.filter(({ liftId }) => closedOf(liftId)).length;
    week.over += Number(isOverWeek(lifts, training, wish));
    week.half += Number(minutes < wish.minutes / 2);
    week.unsaid += Number(minutes < wish.minutes / 2 && idle === null);
    const stood = lifts.map(({ liftId }) => liftId);
    const longer = buildFor(
      training,
      { ...wish, minutes: wish.minutes + 5, stood },
      { hour, taste: plainTaste },
      solve,
    );
    if ('session' in longer) {
      const still = new Set(longer.session.lifts.map(({ liftId }) => liftId));
      week.kept += stood.filter((liftId) => still.has(liftId)).length / stood.length;
      week.again += 1;
    }
    const most = client.nervous ? 2 : client.trainingMonths < 6 ? 3 : 4;
    if (lifts.filter(({ isNew }) => isNew).length > most) counts.tooNew += 1;
    if (process.env.READ) {
      const flags = client.flags.map(({ place }) => place).join(', ');
      const who = `${client.trainingMonths} months${client.nervous ? ', nervous' : ''}${flags && `, flag: ${flags}`}`;
      print(
        `\n${family} ${seed}: ${who}; ${training.room.name}, ${wish.minutes} min, takes ${minutes.toFixed(0)}`,
      );
      for (const { liftId, sets, reasons, instead, isNew } of lifts) {
        const why = reasons.slice(0, 3).map((r) => Object.values(r).join(' '));
        print(
          `  ${findLift(liftId)!.name} × ${sets}${isNew ? ' (new)' : ''}: ${why.join('; ')}; rather than ${instead[0]?.liftId ?? 'nothing'}`,
        );
      }
      for (const { cover, by } of uncovered) print(`  without ${cover}: ${JSON.stringify(by)}`);
    }
  }
  allMs.push(...ms);
  ms.sort((a, b) => a - b);
  const { built, lacks, lifts, used, closed, over, tooNew } = counts;
  print(
    `${family.padEnd(13)} ${String(built).padStart(5)}  ${String(lacks).padStart(5)}  ${(lifts / built).toFixed(1).padStart(5)}  ${((used / built) * 100).toFixed(0).padStart(15)} %  ${String(closed).padStart(6)}  ${String(over).padStart(9)}  ${String(tooNew).padStart(7)}  ${String(week.over).padStart(9)}  ${String(week.half).padStart(9)}  ${String(week.unsaid).padStart(6)}  ${((week.kept / week.again) * 100).toFixed(0).padStart(20)} %  ${[at(ms, 0.5), at(ms, 0.95), at(ms, 1)].map((each) => each.toFixed(0).padStart(5)).join(' ')}`,
  );
}
allMs.sort((a, b) => a - b);
print(
  `all: ${allMs.length} sessions, ms p50 ${at(allMs, 0.5).toFixed(0)}, p95 ${at(allMs, 0.95).toFixed(0)}`,
);
