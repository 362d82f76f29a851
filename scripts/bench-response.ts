import { repLifts } from '../packages/catalog/src/index';
import {
  curveFamilies,
  honestyOf,
  judgeGrowth,
  populationTruth,
  programmeOf,
  seededRandom,
  simulateClient,
  trueCourses,
  usualHabit,
  type CurveName,
  type Habit,
  type Judged,
  type TrueCourse,
} from '../packages/simulator/src/index';

/**
 * Is it working: what is said of lifts week by week over twenty-four weeks, of lifters whose true courses are known. The seeds
 * are used for nothing else; SEED=… takes others, CLIENTS=… more people.
 */
const SEED = Number(process.env.SEED ?? 919_191);
const CLIENTS = Number(process.env.CLIENTS ?? 30);
const WEEKS = 24;
const TURNS = { from: 6, to: 14 };
const LIFTS = 3;
const START_MS = Date.parse('2026-11-24T10:00:00.000Z');
const print = (text: string) => process.stdout.write(`${text}\n`);

/** How soon a stop is to be found, in weeks, by sessions a week. */
const SOON = { 2: 8, 3: 6 } as const;

const populations: { name: string; habit?: Partial<Habit>; varies?: number }[] = [
  { name: 'usual' },
  { name: 'steady days (× 0.5)', varies: 0.5 },
  { name: 'varying days (× 1.5)', varies: 1.5 },
  { name: 'reports × 1.5', habit: { blur: 1.5 } },
].filter(({ name }) => !process.env.ONLY || name === process.env.ONLY);

function judgedOf(
  course: TrueCourse,
  days: 2 | 3,
  { habit, varies = 1 }: (typeof populations)[number],
): Judged[] {
  return (Object.keys(curveFamilies) as CurveName[]).flatMap((curve, family) => {
    const random = seededRandom(SEED + family + 100 * trueCourses.indexOf(course));
    const truth = populationTruth(curve, repLifts(), random, { ...usualHabit, ...habit });
    return Array.from({ length: Math.ceil(CLIENTS / 5) }, () => {
      const now = new Date(START_MS).toISOString();
      const client = simulateClient(truth, repLifts(), now, random);
      client.lifter.dayToDay *= varies;
      const lifts = programmeOf(repLifts(), LIFTS, random);
      const watching = { course, turn: random.between(TURNS.from, TURNS.to), weeks: WEEKS, days };
      return judgeGrowth(client, lifts, watching, START_MS, random);
    }).flat();
  });
}

const percent = (share: number, of: number) => (of > 0 ? `${(share * 100).toFixed(1)}%` : '-');
function row(name: string, judged: readonly Judged[], days: 2 | 3): void {
  const honest = honestyOf(judged, SOON[days]);
  const cells = [
    name,
    days,
    percent(honest.falseAlarms, honest.blocks),
    percent(honest.found, honest.stopped),
    percent(honest.workingGrew, honest.working),
    percent(honest.held, 1),
    percent(honest.open, 1),
  ];
  print(`| ${cells.join(' | ')} |`);
}

print(`Verdicts over ${WEEKS} weeks, ${LIFTS} lifts of ${CLIENTS} clients a row, seed ${SEED}.`);
print(`A stop is to be found within 8 weeks at two sessions a week, within 6 at three.`);
print(
  '| course, people | a week | false alarms a block | stop found | working grew | range holds | too early |',
);
print('| --- | --- | --- | --- | --- | --- | --- |');
for (const days of [2, 3] as const) {
  for (const population of populations) {
    const all = trueCourses.map((course) => ({
      course,
      judged: judgedOf(course, days, population),
    }));
    if (population.name === 'usual')
      for (const { course, judged } of all) row(course.name, judged, days);
    row(
      `all, ${population.name}`,
      all.flatMap(({ judged }) => judged),
      days,
    );
  }
}
