import { findDrill, stylesOf } from '@spalo/catalog';
import {
  newLift,
  type LoadedLift,
  type LoggedSet,
  type PlannedLift,
  type SessionState,
} from '@spalo/core/session';
import fc from 'fast-check';
import { takeHomeOf, type TakeHomeFrom } from './take-home';

const style = stylesOf('back-squat')[0]!;
const [cue] = style.cues;
const plan = {
  liftId: 'back-squat',
  styleId: style.id,
  sets: 3,
  reps: 8,
  loadG: 60_000,
  focusCueId: cue!.id,
  steps: [],
} as unknown as PlannedLift & LoadedLift;

const set = (loadG: number, reps: number, change: Partial<LoggedSet> = {}): LoggedSet => ({
  id: `${loadG}-${reps}-${change.step ?? 0}`,
  at: '2026-11-24T10:00:00.000Z',
  author: 'a',
  step: 0,
  kind: 'working',
  loadG,
  reps,
  cleanReps: reps,
  marks: [],
  rir: 2,
  proposed: { loadG, reps },
  corrections: [],
  voided: false,
  representative: true,
  ...change,
});

const session = (sets: LoggedSet[], change: Partial<SessionState> = {}): SessionState => ({
  id: 's',
  startId: 'e',
  clientId: 'c',
  bookingId: null,
  roomId: 'r',
  trainerId: 't',
  unit: 'kg',
  startedAt: '2026-11-24T10:00:00.000Z',
  finishedAt: '2026-11-24T11:00:00.000Z',
  dayForm: null,
  general: [],
  generalSince: '2026-11-24T10:00:00.000Z',
  swaps: {},
  lifts: [{ ...newLift(plan), sets: sets.map((each, step) => ({ ...each, step, id: `${step}` })) }],
  notes: [],
  ...change,
});

const from: TakeHomeFrom = {
  unit: 'kg',
  person: { flags: [], cautions: [], birthDate: '1990-05-01' },
  next: [plan],
  drills: [],
};
const drill = (drillId: string) => ({ drillId, rounds: 2, reps: null, seconds: 50 });

describe('what a client takes home', () => {
  it('says what was done and what comes in plain words', () => {
    const alike = takeHomeOf(session([set(60_000, 8), set(60_000, 8), set(60_000, 8)]), from);
    expect(alike.done).toEqual(['Back squat: 3 sets of 8 with 60 kg']);
    expect(alike.next).toEqual(['Back squat: 3 sets of 8 with 60 kg']);
    const mixed = takeHomeOf(session([set(60_000, 8), set(55_000, 7)]), from);
    expect(mixed.done).toEqual(['Back squat: 8 and 7 reps with 60 kg at most']);
    expect(takeHomeOf(session([set(60_000, 8)]), { ...from, unit: 'lb' }).done[0]).toMatch(/132/);
  });

  it('finds something good in every session, and what is more than last time', () => {
    const clean = takeHomeOf(session([set(62_500, 8)]), {
      ...from,
      before: session([set(60_000, 8)]),
    });
    expect(clean.good).toEqual(['Every rep was clean.', 'Back squat: 62.5 kg, up from 60 kg.']);
    const more = takeHomeOf(session([set(60_000, 9)]), {
      ...from,
      before: session([set(60_000, 8)]),
    });
    expect(more.good).toContain('Back squat: 1 clean rep more with the same load.');
    const hard = takeHomeOf(session([set(60_000, 8, { cleanReps: 5 })]), from);
    expect(hard.good).toEqual(['You came, and did 1 set.']);
    const less = takeHomeOf(session([set(50_000, 8)]), {
      ...from,
      before: session([set(60_000, 8)]),
    });
    expect(less.good).toEqual(['Every rep was clean.']);
  });

  it('has one cue, as it stands for next time', () => {
    expect(takeHomeOf(session([set(60_000, 8)]), from).cue).toEqual({
      liftId: 'back-squat',
      styleId: style.id,
      lift: 'Back squat',
      text: cue!.text,
    });
  });

  it('gives drills of the session home, at most three, and none that a flag or caution shuts out', () => {
    const general = ['knee-to-wall', 'single-leg-bridge', 'side-plank', 'band-bridge', 'bike']
      .filter((id) => findDrill(id))
      .map((drillId) => ({
        ...drill(drillId),
        job: 'activate' as const,
        why: '',
        state: 'done' as const,
      }));
    const all = takeHomeOf(session([set(60_000, 8)], { general }), from);
    expect(all.homework.length).toBe(3);
    expect(all.homework.every(({ how }) => how.length > 10)).toBe(true);
    const flag = {
      id: 'f',
      place: 'hip' as const,
      side: 'left' as const,
      note: '',
      fine: '',
      since: null,
      saidBy: '',
      state: 'new' as const,
      usualPain: 1,
    };
    const sore = takeHomeOf(session([set(60_000, 8)], { general }), {
      ...from,
      person: { flags: [flag], cautions: [], birthDate: '1990-05-01' },
    });
    expect(sore.homework.map(({ name }) => name)).not.toContain('Single-leg bridge');
  });

  it('never tells of reserve, effort or a one-rep maximum', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 1, max: 20 }), fc.boolean()),
          {
            maxLength: 6,
          },
        ),
        (rows) => {
          const sets = rows.map(([load, reps, clean]) =>
            set(load * 500, reps, { cleanReps: clean ? reps : Math.max(0, reps - 2) }),
          );
          const page = takeHomeOf(session(sets), { ...from, before: session(sets.slice(1)) });
          expect(page.good.length).toBeGreaterThan(0);
          const text = JSON.stringify(page);
          expect(text).not.toMatch(/\bRIR\b|reserve|maximum|1RM|undefined|NaN|Infinity/i);
        },
      ),
    );
  });
});
