import type { BlockState, OneChange } from '@spalo/core/block';
import type { Growth, ResponseVerdict } from '@spalo/core/blocks';
import { whatToChange } from './what-to-change';
import type { BlockBefore, LiftWorking } from './working';

const block = (change: OneChange | null, sets = 3): BlockState => ({
  ...{ id: 'block', startId: 'block', clientId: 'client', trainerId: 'trainer' },
  ...{ name: 'Steady reps', from: '2026-10-19', weeks: 1, days: 1 },
  ...{ startedAt: '2026-10-19T08:00:00.000Z', leftOut: [], endedAt: null },
  lifts: [
    { liftId: 'back-squat', scheme: 'reserve-led', weeks: [[{ sets, reps: 8, targetRir: 2 }]] },
  ],
  ...(change && { follows: { blockId: 'before', change, changed: '' } }),
});
const going = (verdict: ResponseVerdict): LiftWorking => ({
  liftId: 'back-squat',
  clean: 1,
  response: {
    verdict,
    slope: { low: 0, middle: 0, high: 0 },
    ...{ worth: 0.005, growing: 0, sessions: 12, weeks: 6 },
  },
});
const before = (change: OneChange, slope: Growth | null): BlockBefore => ({
  block: { ...block(change), name: `After ${change}` },
  slope,
  worth: 0.005,
  adherence: 1,
});
const grew = { low: 0.002, middle: 0.006, high: 0.01 };
const stood = { low: -0.002, middle: 0, high: 0.002 };
const change = (
  verdict: ResponseVerdict,
  {
    own = null,
    sets,
    past = [],
  }: { own?: OneChange | null; sets?: number; past?: BlockBefore[] } = {},
) => whatToChange(block(own, sets), [going(verdict)], 1, past);

describe('the one thing to change', () => {
  it.each([
    ['working', 'nothing'],
    ['too early', 'nothing'],
    ['flat', 'one set more'],
    ['fading', 'more reps'],
  ] as const)('where a lift is %s is %s', (verdict, expected) => {
    expect(change(verdict).change).toBe(expected);
  });

  it('is what made this client grow before, and says so', () => {
    const advice = change('flat', { past: [before('scheme', grew)] });
    expect(advice.change).toBe('scheme');
    expect(advice.why).toContain('It worked in After scheme: +0.6% a week');
  });

  it('is never what failed before, what the block itself began with, or a fifth set', () => {
    expect(change('flat', { past: [before('one set more', stood)] }).change).toBe('fewer reps');
    expect(change('flat', { own: 'one set more' }).change).toBe('fewer reps');
    expect(change('flat', { sets: 4 }).change).toBe('fewer reps');
    // What could not be told says nothing against it.
    expect(change('flat', { past: [before('one set more', null)] }).change).toBe('one set more');
  });

  it('is other lifts where everything was tried', () => {
    const all = (['one set more', 'fewer reps', 'scheme', 'more reps'] as const).map((each) =>
      before(each, stood),
    );
    const advice = change('flat', { past: all });
    expect(advice.change).toBe('nothing');
    expect(advice.why).toMatch(/stands still, and every change was tried: take other lifts$/);
  });

  it('waits until the block was done', () => {
    expect(whatToChange(block(null), [going('flat')], 0.4, []).change).toBe('nothing');
  });
});
