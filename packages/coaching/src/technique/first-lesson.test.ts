import { lessonHere, loadLesson } from '@spalo/catalog/lessons';
import { emptyHistory, noMemory } from '@spalo/core/memory';
import { newLift, type LiftState, type PlannedLift } from '@spalo/core/session';
import { firstLesson, offersLesson } from './first-lesson';

const plan = { liftId: 'back-squat', styleId: 'hip-drive', steps: [] } as unknown as PlannedLift;
const state = (taught: LiftState['taught'] = []): LiftState => ({ ...newLift(plan), taught });
const tried = (stepId: string, right: boolean, styleId = 'hip-drive') => ({
  styleId,
  stepId,
  right,
});
const teach = () => lessonHere('back-squat')!.styles.find(({ id }) => id === 'hip-drive')!.teach;
const remembered = (lifts: Record<string, Partial<typeof noMemory>>) => ({
  ...emptyHistory,
  lifts: Object.fromEntries(
    Object.entries(lifts).map(([id, memory]) => [id, { ...noMemory, ...memory }]),
  ),
});

beforeAll(() => loadLesson('back-squat'));

describe('a first lesson', () => {
  it('goes step by step: what looks right brings the next, what does not stays', () => {
    const steps = teach();
    const begun = firstLesson(steps, state(), emptyHistory);
    expect(begun.now?.id).toBe('elbows');
    const again = firstLesson(steps, state([tried('elbows', false)]), emptyHistory);
    expect(again.now).toMatchObject({ id: 'elbows', notYet: 1 });
    const on = firstLesson(
      steps,
      state([tried('elbows', false), tried('elbows', true)]),
      emptyHistory,
    );
    expect(on.now?.id).toBe('slow');
    const through = firstLesson(steps, state(steps.map(({ id }) => tried(id, true))), emptyHistory);
    expect(through.now).toBeNull();
  });

  it('goes on where the last session left it, and begins anew in another style', () => {
    const before = remembered({
      'back-squat': { taught: { styleId: 'hip-drive', stepIds: ['elbows', 'slow'] } },
    });
    expect(firstLesson(teach(), state(), before).now?.id).toBe('hand');
    const other = remembered({
      'back-squat': { taught: { styleId: 'high-bar', stepIds: ['elbows', 'slow'] } },
    });
    expect(firstLesson(teach(), state(), other).now?.id).toBe('elbows');
    expect(
      firstLesson(teach(), state([tried('elbows', true, 'high-bar')]), emptyHistory).now?.id,
    ).toBe('elbows');
  });

  it('does not teach a lift that the client has done', async () => {
    const { styles } = await loadLesson('front-squat');
    const front = { ...newLift({ ...plan, liftId: 'front-squat', styleId: 'rack-grip' }) };
    const done = remembered({ 'goblet-squat': { lastDone: '2026-11-01T10:00:00.000Z' } });
    const { steps, now } = firstLesson(styles[0]!.teach, front, done);
    expect(steps[0]).toMatchObject({ liftId: 'goblet-squat', standing: 'known' });
    expect(now).toBe(steps[1]);
  });

  it('is offered the first time, until a working set is done, and again while it is not through', () => {
    expect(offersLesson(state(), emptyHistory)).toBe(true);
    const set = { kind: 'working', voided: false } as LiftState['sets'][number];
    expect(offersLesson({ ...state(), sets: [set] }, emptyHistory)).toBe(false);
    expect(offersLesson({ ...state(), sets: [{ ...set, voided: true }] }, emptyHistory)).toBe(true);
    const lastDone = '2026-11-01T10:00:00.000Z';
    expect(offersLesson(state(), remembered({ 'back-squat': { lastDone } }))).toBe(false);
    const taught = { styleId: 'hip-drive', stepIds: ['elbows'] };
    expect(offersLesson(state(), remembered({ 'back-squat': { lastDone, taught } }))).toBe(true);
  });
});
