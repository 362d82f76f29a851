import { said } from '../test/said';
import { historyOf, type ClientHistory } from '../memory/history';
import type { Person } from '../person/person';
import { reduceSession } from '../session/reduce';
import { loadBelief } from '../strength/saved-belief';
import { readStrength } from '../strength/profile';
import { flag, kg, lifts, person, squat } from '../test/fixtures';
import { NOW, input, log } from '../test/log';
import { draftSession } from './draft';

const trained: Person = { ...person, trainingMonths: 30 };
const done = (loadG: number, reps: number, rir: number) => ({
  loadG,
  reps,
  cleanReps: reps,
  marks: [],
  rir,
});

/** A finished squat session of three sets of 70 × 10, its next load accepted; then what comes after. */
function session(after: (log_: ReturnType<typeof log>, setIds: string[]) => void) {
  const lift = draftSession(input).lifts[0]!;
  const written = log({ plan: { loadG: kg(70), reps: 10 } });
  const first = lift.steps.findIndex((step) => step.kind === 'working');
  const setIds = [0, 1, 2].map(
    (set) =>
      written.add('set.logged', {
        liftId: squat.id,
        step: first + set,
        kind: 'working',
        proposed: { loadG: kg(70), reps: 10 },
        ...done(kg(70), 10, 2),
      }).id,
  );
  const { liftId, styleId, implement, repRange, targetRir, sets, focusCueId } = lift;
  const next = { liftId, styleId, implement, repRange, targetRir, sets, focusCueId, closed: null };
  const plan = { ...next, loadG: kg(72.5), reps: 10 };
  written.add('suggestion.answered', {
    liftId,
    proposed: plan,
    chosen: plan,
    accepted: true,
    why: '',
    reason: null,
  });
  written.add('session.finished', {});
  after(written, setIds);
  const state = reduceSession(written.events)!;
  return { ...state, startedAt: '2026-11-22T10:00:00.000Z' };
}

function next(state: ReturnType<typeof session>, who: Person = trained) {
  const context = { mainFaultOf: () => null, lifts, person: trained };
  const history: ClientHistory = historyOf([state], context);
  const belief = loadBelief(history.belief!, lifts);
  const profile = readStrength(who, belief, lifts, NOW);
  return draftSession({ ...input, person: who, history, profile });
}

describe('a plan that was decided', () => {
  const asDecided = session(() => undefined);

  it('stands while nothing has changed', () => {
    const [lift] = next(asDecided).lifts;
    expect(lift).toMatchObject({ loadG: kg(72.5), reps: 10, why: { code: 'as-decided' } });
    expect(lift!.again).toBeUndefined();
  });

  it('is decided again once its sets were corrected, with what it was beside it', () => {
    const corrected = session((written, ids) =>
      ids.forEach((setId) => written.add('set.corrected', { setId, ...done(kg(50), 5, 0) })),
    );
    const [lift] = next(corrected).lifts;
    expect(lift!.again).toMatchObject({ loadG: kg(72.5), reps: 10 });
    expect(said(lift!.again!.why)).toMatch(/corrected/);
    expect(lift!.loadG).toBeLessThan(kg(60));
  });

  it('is decided again once a set was left out, and stands again when the trainer answers', () => {
    const leave = (written: ReturnType<typeof log>, ids: string[]) =>
      ids.forEach((setId) =>
        written.add('set.judged', { setId, representative: false, reason: null }),
      );
    const left = session(leave);
    expect(left.lifts[0]!.answer!.changed).toBe('left out');
    const answered = session((written, ids) => {
      leave(written, ids);
      const { chosen } = left.lifts[0]!.answer!;
      written.add('suggestion.answered', {
        liftId: squat.id,
        proposed: { ...chosen, loadG: kg(60) },
        chosen,
        accepted: false,
        why: '',
        reason: null,
      });
    });
    const [lift] = next(answered).lifts;
    expect(lift).toMatchObject({ loadG: kg(72.5), why: { code: 'as-decided' } });
  });

  it('is decided again when its reps were closed since', () => {
    const low = { ...asDecided.lifts[0]!.answer!.chosen, reps: 5, repRange: { low: 4, high: 6 } };
    const heavy = {
      ...asDecided,
      lifts: asDecided.lifts.map((lift) => ({
        ...lift,
        answer: lift.answer && { ...lift.answer, chosen: low },
      })),
    };
    const [lift] = next(heavy, { ...trained, cautions: ['no low reps'] }).lifts;
    expect(said(lift!.again!.why)).toMatch(/^5 reps are closed now/);
    expect(lift!.reps).toBeGreaterThan(7);
  });

  it('is closed by a flag that came after it, and by a caution against its position', () => {
    const sore = (since: string) =>
      next(asDecided, { ...trained, flags: [flag({ place: 'knee', since })] }).closed;
    expect(sore('2026-11-23').map((each) => each.liftId)).toEqual([squat.id]);
    expect(sore('2026-10-01')).toEqual([]);
  });

  it('does not outlive the belief that it was decided on', () => {
    const heavy = {
      ...asDecided,
      lifts: asDecided.lifts.map((lift) => ({
        ...lift,
        answer: lift.answer && {
          ...lift.answer,
          chosen: { ...lift.answer.chosen, loadG: kg(100) },
        },
      })),
    };
    const [lift] = next(heavy).lifts;
    expect(said(lift!.again!.why)).toMatch(/no longer fits/);
    expect(lift!.loadG).toBeLessThan(kg(85));
  });
});
