import { repLifts } from '../packages/catalog/src/index';
import { schemeNames, type SchemeName } from '../packages/core/src/session/index';
import {
  curveFamilies,
  policies,
  populationTruth,
  programmeOf,
  seededRandom,
  simulateClient,
  train,
  usualHabit,
  type CurveName,
  type Habit,
  type LiftOutcome,
  type Part,
  type Policy,
} from '../packages/simulator/src/index';

/**
 * Twenty-four sessions of four lifts under each policy, on several populations whose seeds are used for nothing else.
 * SEED=… takes others, CLIENTS=… more of them.
 */
const SEED = Number(process.env.SEED ?? 747_474);
const CLIENTS = Number(process.env.CLIENTS ?? 40);
const SESSIONS = 24;
const USUAL_STEP_G = 2500;
const START_MS = Date.parse('2026-11-24T10:00:00.000Z');
const print = (text: string) => process.stdout.write(`${text}\n`);
/** One part of the bench; ONLY=… runs no other. */
const part = (name: string, run: () => void) => {
  if (process.env.ONLY === undefined || process.env.ONLY === name) run();
};

const populations: { name: string; habit?: Partial<Habit>; stepG?: number }[] = [
  { name: 'usual' },
  { name: 'steps of 1 kg', stepG: 1000 },
  { name: 'steps of 5 kg', stepG: 5000 },
  { name: 'fatigue × 0.3', habit: { fatigue: 0.3 } },
  { name: 'fatigue × 1.6', habit: { fatigue: 1.6 } },
  { name: 'full recovery between lifts', habit: { carry: 0 } },
  { name: 'reports × 0.5', habit: { blur: 0.5 } },
  { name: 'reports × 1.5', habit: { blur: 1.5 } },
  { name: 'a rep more modest', habit: { modesty: 1 } },
  { name: 'a rep more boastful', habit: { modesty: -1 } },
  { name: 'no growth', habit: { growth: 0 } },
  { name: 'growth × 2', habit: { growth: 2 } },
];

function outcomesOf(
  policy: Policy,
  habit: Habit,
  stepG: number,
  {
    without = [],
    scheme,
    wave,
  }: { without?: readonly Part[]; scheme?: SchemeName; wave?: readonly number[] } = {},
): LiftOutcome[] {
  return (Object.keys(curveFamilies) as CurveName[]).flatMap((curve, family) => {
    const truth = populationTruth(curve, repLifts(), seededRandom(SEED + family), habit);
    return Array.from({ length: CLIENTS / 5 }, (_, nth) => {
      // Each has chances of their own: whatever is done to one, the others are who they were.
      const random = seededRandom(SEED * 1000 + family * 200 + nth);
      const now = new Date(START_MS).toISOString();
      const client = simulateClient(truth, repLifts(), now, random);
      const programme = programmeOf(repLifts(), 4, random);
      const setting = {
        sessions: SESSIONS,
        stepG,
        startMs: START_MS,
        without,
        ...(scheme && { scheme }),
        ...(wave && { wave }),
      };
      return train(client, repLifts(), programme, policy, setting, random);
    }).flat();
  });
}

const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const percent = (value: number) => `${(100 * value).toFixed(1)} %`;

function row(name: string, outcomes: readonly LiftOutcome[]): string {
  const sets = outcomes.flatMap((each) => each.sets);
  const share = (holds: (set: (typeof sets)[number]) => boolean) =>
    percent(sets.filter(holds).length / sets.length);
  const medianOff = (session: number) => median(outcomes.map(({ off }) => Math.abs(off[session]!)));
  const found = Array.from({ length: SESSIONS }, (_, at) => at).find((at) => medianOff(at) <= 0.05);
  const each = (of: 'changes' | 'turns') =>
    percent(
      outcomes.reduce((sum, outcome) => sum + outcome[of], 0) / outcomes.length / (SESSIONS - 2),
    );
  return [
    name,
    share((set) => Math.abs(set.left - set.targetRir) <= 1),
    share((set) => set.left >= set.targetRir + 2),
    share((set) => set.failed),
    Math.exp(median(outcomes.map(({ off }) => off.at(-1)!))).toFixed(3),
    found === undefined ? 'never' : `session ${found + 1}`,
    each('changes'),
    each('turns'),
  ].join(' | ');
}

const OLD_DAYS = 60 * 365.25;
const DAY_MS = 24 * 3600 * 1000;
/** A lift that ends so far below the right load was never really trained. */
const FAR_BELOW = Math.log(0.85);

/** Whom and what the mean hides. */
const families: Record<string, (lift: LiftOutcome) => boolean> = {
  everybody: () => true,
  'start careful': ({ careful }) => careful,
  'over 60': ({ person: { birthDate } }) =>
    birthDate !== null && START_MS - Date.parse(birthDate) > OLD_DAYS * DAY_MS,
  'under 3 months': ({ person }) => person.trainingMonths < 3,
  women: ({ person }) => person.sex === 'female',
  men: ({ person }) => person.sex === 'male',
  'first of the day': ({ place }) => place === 0,
  'second of the day': ({ place }) => place === 1,
  'third of the day': ({ place }) => place === 2,
  'fourth of the day': ({ place }) => place === 3,
};
const familyPopulations = populations.filter(({ name }) =>
  ['usual', 'steps of 5 kg', 'a rep more modest', 'a rep more boastful'].includes(name),
);

function familyRow(name: string, lifts: readonly LiftOutcome[], stepG: number): string {
  const sets = lifts.flatMap((each) => each.sets);
  const share = (of: typeof sets, holds: (set: (typeof sets)[number]) => boolean) =>
    of.length > 0 ? percent(of.filter(holds).length / of.length) : '-';
  const failedIn = (from: number, to: number) =>
    share(
      sets.filter(({ session }) => session >= from && session <= to),
      ({ failed }) => failed,
    );
  const ends = lifts.map(({ off }) => off.at(-1)!);
  // Where a load between is there to be taken: steps that are too coarse are the room's.
  const below = lifts.filter(({ loads, off }) => {
    const right = loads.at(-1)! / Math.exp(off.at(-1)!);
    return off.at(-1)! < FAR_BELOW && loads.at(-1)! + stepG <= right;
  }).length;
  return [
    name,
    lifts.length,
    share(sets, (set) => Math.abs(set.left - set.targetRir) <= 1),
    share(sets, (set) => set.left >= set.targetRir + 2),
    failedIn(0, 0),
    failedIn(1, 2),
    failedIn(3, SESSIONS),
    Math.exp(median(ends)).toFixed(3),
    `${below} (${percent(below / lifts.length)})`,
    Math.exp(Math.min(...ends)).toFixed(2),
  ].join(' | ');
}

part('families', () => {
  print(
    `\nFamilies, ${CLIENTS} simulated clients a population, four lifts, ${SESSIONS} sessions, seed ${SEED}:`,
  );
  print(
    '| family | lifts | on target | too easy | failed in 1 | 2 and 3 | 4 to 24 | load of right | stuck below 0.85 | lowest |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |');
  for (const { name, habit, stepG = USUAL_STEP_G } of familyPopulations) {
    const lifts = outcomesOf('spalo', { ...usualHabit, ...habit }, stepG);
    for (const [family, isOf] of Object.entries(families)) {
      if (name !== 'usual' && family !== 'everybody' && family !== 'start careful') continue;
      const those = lifts.filter(isOf);
      if (those.length > 0) print(`| ${familyRow(`${name}, ${family}`, those, stepG)} |`);
    }
  }
});

part('training', () => {
  print(
    `\nTraining, ${CLIENTS} simulated clients a row, four lifts, ${SESSIONS} sessions, seed ${SEED}:`,
  );
  print(
    '| population, policy | on target | too easy | failed | load of right | within 5 % by | changes | turns back |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- |');
  for (const { name, habit, stepG = USUAL_STEP_G } of populations) {
    const of = (policy: Policy) => outcomesOf(policy, { ...usualHabit, ...habit }, stepG);
    for (const policy of name === 'usual' ? policies : (['spalo'] as const)) {
      const outcomes = of(policy);
      print(`| ${row(`${name}, ${policy}`, outcomes)} |`);
      if (name === 'usual' && policy === 'spalo') {
        const careful = outcomes.filter((each) => each.careful);
        print(`| ${row(`${name}, ${policy}, careful clients`, careful)} |`);
      }
      if (name === 'usual' && (policy === 'spalo' || policy === 'knows each set')) {
        for (const [which, within] of [
          ['steps up to 7.5 %', (step: number) => step <= 0.075],
          ['steps of 7.5 to 15 %', (step: number) => step > 0.075 && step <= 0.15],
          ['steps over 15 %', (step: number) => step > 0.15],
        ] as const) {
          const those = outcomes.filter((each) => within(stepG / median(each.loads)));
          print(`| ${row(`${name}, ${policy}, ${which}`, those)} |`);
        }
      }
    }
  }
});

part('first sessions', () => {
  print('\nSets that failed, by session:');
  print('| population | 1 | 2 | 3 | 4 to 24 |');
  print('| --- | --- | --- | --- | --- |');
  for (const { name, habit, stepG = USUAL_STEP_G } of populations) {
    const sets = outcomesOf('spalo', { ...usualHabit, ...habit }, stepG).flatMap(
      (each) => each.sets,
    );
    const failed = (from: number, to: number) => {
      const those = sets.filter(({ session }) => session >= from && session <= to);
      return percent(those.filter((set) => set.failed).length / those.length);
    };
    const cells = [failed(0, 0), failed(1, 1), failed(2, 2), failed(3, SESSIONS)];
    print(`| ${[name, ...cells].join(' | ')} |`);
  }
});

part('schemes', () => {
  print('\nHow lifts go on, by scheme, on the usual population:');
  print(
    '| scheme | on target | too easy | failed | load of right | within 5 % by | changes | turns back |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- |');
  for (const scheme of schemeNames) {
    print(`| ${row(scheme, outcomesOf('spalo', usualHabit, USUAL_STEP_G, { scheme }))} |`);
  }
});

const WAVES = [
  ['eights to fours', [8, 6, 5, 4]],
  ['twelves to sixes', [12, 10, 8, 6]],
] as const;
type Said = LiftOutcome['projected'];
/** How often what was said to be so likely went as planned. */
function reliability(said: Said): void {
  print(
    '| said | up to a week ahead | would have gone | was done | one to three weeks | would have gone | was done | in all |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- |');
  for (let low = 0; low < 1; low += 0.1) {
    const here = said.filter(({ chance }) => chance >= low && chance < low + 0.1);
    if (here.length === 0) continue;
    const days = (far: boolean) => here.filter(({ weeksAhead }) => weeksAhead > 1 === far);
    const went = (those: typeof here, how: 'came' | 'done') =>
      those.length > 0 ? percent(those.filter((day) => day[how]).length / those.length) : '-';
    const cells = [false, true].flatMap((far) => {
      const those = days(far);
      return [those.length, went(those, 'came'), went(those, 'done')];
    });
    print(`| ${[`${percent(low)} to ${percent(low + 0.1)}`, ...cells, here.length].join(' | ')} |`);
  }
}

part('waves', () => {
  print('\nTwelve weeks of waves, two sessions a week:');
  print(
    '| wave, population | on target | too easy | failed | load of right | within 5 % by | changes | turns back |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- |');
  const projected: LiftOutcome['projected'] = [];
  for (const [wave, reps] of WAVES) {
    for (const { name, habit, stepG = USUAL_STEP_G } of populations) {
      const outcomes = outcomesOf('spalo', { ...usualHabit, ...habit }, stepG, { wave: reps });
      projected.push(...outcomes.flatMap((each) => each.projected));
      print(`| ${row(`${wave}, ${name}`, outcomes)} |`);
    }
  }
  print(
    '\nDays of blocks, as likely as they were said to go as planned, and as they would have gone:',
  );
  reliability(projected);
});

part('chances', () => {
  print('\nProposals at wrap-up, likewise, by scheme:');
  for (const scheme of schemeNames) {
    print(`\n${scheme}`);
    const outcomes = outcomesOf('spalo', usualHabit, USUAL_STEP_G, { scheme });
    reliability(outcomes.flatMap((each) => each.projected));
  }
});

part('parts', () => {
  print('\nWhat each part brings, added one by one, on the usual population:');
  print(
    '| judgement | on target | too easy | failed | load of right | within 5 % by | changes | turns back |',
  );
  print('| --- | --- | --- | --- | --- | --- | --- | --- |');
  const ablations: [string, Part[]][] = [
    [
      'the belief alone: first loads and climb, then double progression',
      ['plan', 'later sets', 'form'],
    ],
    ['and the next session planned by its outlook', ['later sets', 'form']],
    ['and later sets by what today has shown', ['form']],
    ['and the first set by the day’s form', []],
  ];
  for (const [name, without] of ablations) {
    print(`| ${row(name, outcomesOf('spalo', usualHabit, USUAL_STEP_G, { without }))} |`);
  }

  print('\nSets of the climb to a first load, by their place and step:');
  print('| step | set | sets | on target | too easy | failed |');
  print('| --- | --- | --- | --- | --- | --- |');
  for (const stepG of [1000, USUAL_STEP_G]) {
    const climbs = outcomesOf('spalo', usualHabit, stepG).flatMap((each) =>
      each.sets.filter((set) => set.climb),
    );
    for (let nth = 0; nth <= Math.max(...climbs.map((set) => set.nth)); nth += 1) {
      const here = climbs.filter((set) => set.nth === nth);
      const share = (holds: (set: (typeof here)[number]) => boolean) =>
        percent(here.filter(holds).length / Math.max(1, here.length));
      print(
        `| ${stepG / 1000} kg | ${nth + 1} | ${here.length} | ` +
          `${share((set) => Math.abs(set.left - set.targetRir) <= 1)} | ` +
          `${share((set) => set.left >= set.targetRir + 2)} | ${share((set) => set.failed)} |`,
      );
    }
  }
});
