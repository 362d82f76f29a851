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
const familyPopulations = populations.filter(({ name }) => (process.env.POPS ? process.env.POPS.split(',').includes(name) : true) &&
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


const show = (name: string, lifts: readonly LiftOutcome[]) => {
  const sets = lifts.flatMap((e) => e.sets);
  const line = (those: typeof sets) => those.length === 0 ? '-' : [
    those.length,
    percent(those.filter((s) => Math.abs(s.left - s.targetRir) <= 1).length / those.length),
    percent(those.filter((s) => s.left >= s.targetRir + 2).length / those.length),
    percent(those.filter((s) => s.failed).length / those.length)].join(' ');
  print(`${name}: ${line(sets)}`);
  for (const [a, b] of [[0, 0], [1, 1], [2, 2], [3, 6], [7, 12], [13, 24]] as const)
    print(`   s${a}-${b}: ${line(sets.filter((s) => s.session >= a && s.session <= b))}`);
  for (const n of [0, 1, 2]) print(`   nth${n} later: ${line(sets.filter((s) => s.session >= 3 && s.nth === n))}`);
};

const lifts = outcomesOf('spalo', { ...usualHabit, ...(familyPopulations[0]!.habit ?? {}) }, familyPopulations[0]!.stepG ?? USUAL_STEP_G);
const stepG0 = familyPopulations[0]!.stepG ?? USUAL_STEP_G;
for (const [a,b] of [[0,.03],[.03,.05],[.05,.08],[.08,.12],[.12,.2],[.2,9]] as const) {
  const those = lifts.filter((l) => { const r = stepG0 / median(l.loads); return r > a && r <= b; });
  const sets = those.flatMap((l) => l.sets.filter((s) => s.session >= 6));
  if (!sets.length) continue;
  const hist = [-2,-1,0,1,2,3,4,5,6,7,8].map((d) => percent(sets.filter((s) => d === -2 ? s.left - s.targetRir <= -2 : d === 8 ? s.left - s.targetRir >= 8 : s.left - s.targetRir === d).length / sets.length));
  const reps = [6,7,8,9,10,11,12,13,14,15,16].map((r) => `${r}:${percent(sets.filter((s) => s.asked === r).length / sets.length)}`);
  print(`step ${a}-${b}: lifts ${those.length} on ${percent(sets.filter((s) => Math.abs(s.left - s.targetRir) <= 1).length / sets.length)} easy ${percent(sets.filter((s) => s.left >= s.targetRir + 2).length / sets.length)} fail ${percent(sets.filter((s) => s.failed).length / sets.length)} off ${median(those.map((l) => Math.exp(l.off.at(-1)!))).toFixed(3)}`);
  print('   left-target ' + hist.join(' '));
  print('   reps ' + reps.join(' '));
}

const bad = lifts.filter((l) => stepG0 / median(l.loads) > 0.2);
const dist: Record<string, number> = {};
for (const l of bad.filter((l) => l.sets.filter((s) => s.session >= 13 && s.left >= s.targetRir + 6).length > 10)) {
  const last = l.sets.filter((s) => s.session >= 20);
  print(`${l.person.sex} ${Math.round(l.person.bodyMassG/1000)} kg careful ${l.careful} place ${l.place} loads ${[...new Set(l.loads)].join(',')} last ${l.loads.at(-1)} off ${Math.exp(l.off.at(-1)!).toFixed(2)} : ${last.map((s) => s.asked + '/' + s.left + 't' + s.targetRir).join(' ')}`);
}
