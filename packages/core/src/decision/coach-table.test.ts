import { said } from '../test/said';
import { loadables } from '../loads/loadables';
import { draftSession } from '../planning/draft';
import type { LiftPlan } from '../session/plan';
import type { SchemeName } from '../session/scheme';
import { newLift, type LoggedSet } from '../session/state';
import type { PastSet } from '../strength/past-set';
import { readStrength } from '../strength/profile';
import { replay } from '../strength/replay';
import { kg, lifts, person, room, squat } from '../test/fixtures';
import { input } from '../test/log';
import { coachTable } from './coach-table.test-help';
import { planOf } from '../session/plan';
import { decide, type Decision } from './decide';
import type { DecisionContext } from './decision';

const LOAD_G = kg(52.5);
const DAY_MS = 24 * 3600 * 1000;
const START_MS = Date.parse('2026-09-01T10:00:00.000Z');
const WEEKS_BEFORE = 4;
const FAULTS: DecisionContext['faults'] = [
  { id: 'knees', name: 'Knees cave in', weight: 'major', cueIds: ['one', 'two'] },
  { id: 'tuck', name: 'Pelvis tucks', weight: 'safety', cueIds: ['three'] },
];
const known = { ...person, trainingMonths: 24 };
const iso = (session: number) => new Date(START_MS + session * 3 * DAY_MS).toISOString();

interface Row {
  happened: string;
  scheme: SchemeName;
  asked: number;
  sets: string[];
  times: number;
  next: string;
}

const table: Row[] = coachTable
  .split('\n')
  .filter((line) => line.startsWith('|'))
  .slice(2)
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, happened, scheme, asked, sets, times, next]) => ({
    happened: happened!,
    scheme: scheme as SchemeName,
    asked: Number(asked),
    sets: sets!.split(', '),
    times: Number(times),
    next: next!,
  }));

/** A set as a coach writes it: "10/5!@2". */
function logged(written: string, asked: number, step: number, id: string): LoggedSet {
  const [, done, clean, unsafe, left] = /^(\d+)(?:\/(\d+))?(!*)@(\d)$/.exec(written)!;
  const reps = Number(done);
  const dirty = clean === undefined ? 0 : reps - Number(clean);
  const marks = [
    ...Array.from({ length: dirty }, (_, at) => ({ rep: reps - at, faultId: 'knees' })),
    ...[...unsafe!].map((_, at) => ({ rep: at + 1, faultId: 'tuck' })),
  ];
  return {
    ...{ id, at: '', author: 'a', step, kind: 'working' as const, loadG: LOAD_G, reps },
    ...{ cleanReps: reps - marks.length, marks, rir: Number(left) },
    ...{ proposed: { loadG: LOAD_G, reps: asked }, corrections: [] },
    ...{ voided: false, representative: true },
  };
}

const pastOf = (sets: readonly LoggedSet[], session: number): PastSet[] =>
  sets.map(({ id, loadG, reps, cleanReps, rir, proposed }) => ({
    ...{ id, liftId: squat.id, sessionId: `s${session}`, at: iso(session) },
    ...{ loadG, reps, cleanReps, rir, asked: proposed.reps, bearing: 'counts' as const },
  }));

function decided({ scheme, asked, sets: written, times }: Row): Decision {
  const drafted = draftSession({
    ...input,
    programme: [{ lift: squat, styleId: 'high-bar', firstCueId: 'one' }],
    person: known,
  }).lifts[0]!;
  const plan: LiftPlan = {
    ...planOf(drafted),
    implement: { kind: 'barbell', barId: 'bar-20' },
    ...{ loadG: LOAD_G, reps: asked, targetRir: 2, scheme },
  };
  const session = (at: number, each: readonly string[]) =>
    each.map((text, step) => logged(text, asked, step, `${at}-${step}`));
  const usual = Array.from({ length: WEEKS_BEFORE }, (_, at) =>
    pastOf(
      session(
        at,
        [1, 2, 3].map(() => `${asked}@2`),
      ),
      at,
    ),
  ).flat();
  const earlier = Array.from({ length: times - 1 }, (_, at) =>
    pastOf(session(WEEKS_BEFORE + at, written), WEEKS_BEFORE + at),
  ).flat();
  const today = WEEKS_BEFORE + times - 1;
  const sets = session(today, written);
  const now = iso(today);
  const strength = readStrength(
    known,
    replay(known, lifts, [...usual, ...earlier], now),
    lifts,
    now,
  ).after(pastOf(sets, today));
  const seen = sets.some(({ marks }) => marks.some(({ faultId }) => faultId === 'tuck'))
    ? 'tuck'
    : sets.some(({ marks }) => marks.length > 0)
      ? 'knees'
      : null;
  const lift = {
    ...newLift({ ...drafted, climb: false, ...plan }),
    ...{ steps: [], sets, focusCueId: 'one' },
  };
  return decide(lift, {
    ...{ lift: squat, loads: loadables(room, plan.implement), unit: 'kg', flags: [] },
    ...{ client: known, now, faults: FAULTS, regression: 'goblet squat' },
    faultHistory: [...Array.from({ length: times - 1 }, () => seen), null],
    ...{ strength, usualRir: 2, careful: false },
  });
}

function wayOf({ proposed }: Decision, asked: number): string {
  if (proposed.loadG !== LOAD_G) return proposed.loadG > LOAD_G ? 'up' : 'down';
  return proposed.reps < asked ? 'fewer reps' : proposed.reps === asked ? 'same' : 'more reps';
}

/** Words of the table that leave a choice. */
const EITHER: Readonly<Record<string, string[]>> = {
  less: ['down', 'fewer reps'],
  more: ['up', 'more reps'],
};

describe('what a coach would decide', () => {
  it('is told in a table that is not empty', () => {
    expect(table.length).toBeGreaterThan(10);
  });

  it.each(
    table.map((row) => [`${row.happened} (${row.scheme}, ${row.sets.join(', ')})`, row] as const),
  )('%s', (_, row) => {
    const decision = decided(row);
    const way = wayOf(decision, row.asked);
    const right = EITHER[row.next] ?? [row.next];
    expect(
      right.includes(way)
        ? row.next
        : `${way}, ${decision.proposed.loadG} × ${decision.proposed.reps}: ${said(decision.why)}`,
    ).toBe(row.next);
  });
});
