import { catalogueLifts as lifts, styleOf, stylesOf } from '@spalo/catalog';
import { emptyHistory, noMemory } from '@spalo/core/memory';
import { newLift, type LiftState, type PlannedLift } from '@spalo/core/session';
import { cueAgainst, cuesAgainst } from './cue-choice';

const style = styleOf('back-squat', 'high-bar');
const fault = style.faults.find(({ id }) => id === 'knees-in')!;
const plan = { liftId: 'back-squat', styleId: 'high-bar', steps: [] } as unknown as PlannedLift;
const state = (judged: LiftState['judged'] = []): LiftState => ({ ...newLift(plan), judged });
const said = (cueId: string, outcome: LiftState['judged'][number]['outcome'], at = 0) => ({
  id: `${cueId}-${at}`,
  cueId,
  faultId: fault.id,
  outcome,
});
const client = (cues: Record<string, { helped: number; same: number; worse: number }>) => ({
  history: { ...emptyHistory, lifts: { 'back-squat': { ...noMemory, cues } } },
});
const chosen = (judged: LiftState['judged'] = [], own = client({}), studio = {}) =>
  cueAgainst(fault, style, state(judged), own, studio)?.cue.id;

describe('the cue against a fault', () => {
  it('is the one that the lesson names first, and another kind after it did not help', () => {
    expect(chosen()).toBe(fault.cueIds[0]);
    const next = chosen([said(fault.cueIds[0]!, 'same')]);
    const kind = (id: string | undefined) => style.cues.find((cue) => cue.id === id)?.kind;
    expect(kind(next)).not.toBe(kind(fault.cueIds[0]));
  });
  it('is what helped this client before, and what helps others here', () => {
    expect(chosen([], client({ 'into-my-hand': { helped: 3, same: 0, worse: 0 } }))).toBe(
      'into-my-hand',
    );
    const studio = { 'into-my-hand': { helped: 9, same: 0, worse: 0 } };
    expect(chosen([], client({}), studio)).toBe('into-my-hand');
  });
  it('never crosses a style, and has more than one kind to offer for every fault that a cue answers', () => {
    for (const lift of lifts) {
      for (const each of stylesOf(lift.id)) {
        for (const known of each.faults.filter(({ cueIds }) => cueIds.length > 0)) {
          const offered = cuesAgainst(known, each);
          expect(each.cues).toEqual(expect.arrayContaining(offered));
          expect(offered[0]!.id).toBe(known.cueIds[0]);
          expect(new Set(offered.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(3);
        }
      }
    }
  });
});
