import type { LiftPlan } from '@spalo/core/session';
import { ownPlan, takenOf, type WrapUpCard } from './wrap-up-cards';

const plan = {
  liftId: 'back-squat',
  loadG: 60_000,
  reps: 8,
  sets: 3,
  repRange: { low: 6, high: 10 },
} as LiftPlan;
const proposed = { ...plan, loadG: 62_500 };
const own = { ...plan, loadG: 57_500 };
const card = (answer: object | null) =>
  ({
    view: { lift: { id: 'back-squat' }, state: { answer } },
    decision: { proposed },
  }) as unknown as WrapUpCard;
const kept = { chosen: own, accepted: false, changed: null } as const;

describe('what is taken for next time', () => {
  it('is what is proposed, unless something else was chosen', () => {
    expect(takenOf(card(null), {})).toBe(proposed);
    expect(takenOf(card(null), { 'back-squat': own })).toBe(own);
  });

  it('is what was kept before the session was reopened, until a set that it stands on changes', () => {
    expect(takenOf(card(kept), {})).toBe(own);
    expect(takenOf(card(kept), { 'back-squat': plan })).toBe(plan);
    expect(takenOf(card({ ...kept, changed: 'corrected' }), {})).toBe(proposed);
    expect(takenOf(card({ ...kept, accepted: true }), {})).toBe(proposed);
  });
});

describe('the trainer’s own numbers', () => {
  it('stand as they are, in a range that reaches to them', () => {
    expect(ownPlan(plan, 50_000, 12, 4)).toMatchObject({
      loadG: 50_000,
      reps: 12,
      sets: 4,
      repRange: { low: 6, high: 12 },
    });
    expect(ownPlan(plan, 50_000, 3, 4).repRange).toEqual({ low: 3, high: 10 });
    expect(ownPlan(plan, 50_000, 8, 4).repRange).toEqual(plan.repRange);
  });
});
