import { repLifts } from '../packages/catalog/src/index';
import {
  curveFamilies,
  honestyOf,
  judgeGrowth,
  populationTruth,
  programmeOf,
  seededRandom,
  simulateClient,
  usualHabit,
  type CurveName,
  type Habit,
  type Judged,
} from '../packages/simulator/src/index';

/**
 * Is it working: what is said of lifts week by week over twelve weeks, of lifters who go on growing and of others who stop
 * in a known week. The seeds are used for nothing else; SEED=… takes others, CLIENTS=… more people.
 */
const SEED = Number(process.env.SEED ?? 919_191);
const CLIENTS = Number(process.env.CLIENTS ?? 40);
const WEEKS = 12;
const STOPS = { from: 4, to: 8 };
const START_MS = Date.parse('2026-11-24T10:00:00.000Z');
const print = (text: string) => process.stdout.write(`${text}\n`);

const families: { name: string; habit?: Partial<Habit>; varies?: number }[] = [
  { name: 'usual' },
  { name: 'steady days (× 0.5)', varies: 0.5 },
  { name: 'varying days (× 1.5)', varies: 1.5 },
  { name: 'growth × 2', habit: { growth: 2 } },
  { name: 'growth × 0.5', habit: { growth: 0.5 } },
  { name: 'reports × 1.5', habit: { blur: 1.5 } },
];

function judgedOf({ habit, varies = 1 }: (typeof families)[number], stops: boolean): Judged[] {
  return (Object.keys(curveFamilies) as CurveName[]).flatMap((curve, family) => {
    const random = seededRandom(SEED + family + (stops ? 1000 : 0));
    const truth = populationTruth(curve, repLifts(), random, { ...usualHabit, ...habit });
    return Array.from({ length: CLIENTS }, () => {
      const now = new Date(START_MS).toISOString();
      const client = simulateClient(truth, repLifts(), now, random);
      client.lifter.dayToDay *= varies;
      const week = stops ? random.between(STOPS.from, STOPS.to) : null;
      const lifts = programmeOf(repLifts(), 3, random);
      return judgeGrowth(client, lifts, { stops: week, weeks: WEEKS }, START_MS, random);
    }).flat();
  });
}

const percent = (share: number) => `${(share * 100).toFixed(1)} %`.padStart(8);

print(`Verdicts of ${WEEKS} weeks, lifts of ${CLIENTS * 5} clients a row, seed ${SEED}`);
print(
  'family                    false a block, at end   stop found   responding grew   growers  stopped',
);
for (const family of families) {
  const all = [...judgedOf(family, false), ...judgedOf(family, true)];
  const honest = honestyOf(all);
  print(
    `${family.name.padEnd(26)}${percent(honest.falseAlarms)}     ${percent(honest.falseAtEnd)} ${percent(honest.found)}      ${percent(honest.respondingGrew)}        ${String(honest.growers).padStart(6)}  ${String(honest.stopped).padStart(6)}`,
  );
}
