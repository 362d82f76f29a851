import fc from 'fast-check';
import { squat, row } from '../test/fixtures';
import { heavySets } from './hand-over';
import { draftBlock, templates } from './templates';
import { usualTemplate } from './usual-template';

const NOW = '2026-12-02T10:00:00.000Z';
const of = (id: string) => templates.find((each) => each.id === id)!;
const blockOf = (id: string, weeks?: number, days = 1) =>
  draftBlock(of(id), [squat, row], { from: '2026-11-23', days, ...(weeks && { weeks }) });
const repsOf = (id: string, weeks: number) =>
  blockOf(id, weeks)
    .lifts[0]!.weeks.flat()
    .map((ask) => ask!.reps);

describe('a wave', () => {
  it.each([
    [3, [8, 6, 4]],
    [4, [8, 6, 5, 4]],
    [5, [8, 7, 6, 5, 4]],
    [6, [8, 7, 6, 5, 5, 4]],
  ])('falls from eights to fours in %d weeks', (weeks, reps) => {
    expect(repsOf('wave', weeks)).toEqual(reps);
  });

  it('falls from twelves to sixes in four weeks', () => {
    expect(repsOf('long-wave', 4)).toEqual([12, 10, 8, 6]);
  });
});

describe('three and one', () => {
  it('leaves less from week to week, then is light, twice in eight weeks', () => {
    const asks = blockOf('cycle', 8).lifts[0]!.weeks.flat();
    expect(asks.map((ask) => ask!.targetRir)).toEqual([3, 2, 1, 3, 3, 2, 1, 3]);
    expect(asks.map((ask) => ask!.share ?? 1)).toEqual([1, 1, 1, 0.85, 1, 1, 1, 0.85]);
  });
});

describe('any template', () => {
  it('has as many weeks as it is asked for, each of which it may take', () => {
    const anyTemplate = fc.constantFrom(...templates).chain((template) =>
      fc.record({
        template: fc.constant(template),
        weeks: fc.constantFrom(...template.weeks.may),
        days: fc.integer({ min: 1, max: 4 }),
      }),
    );
    fc.assert(
      fc.property(anyTemplate, ({ template, weeks, days }) => {
        expect(template.weeks.may).toContain(template.weeks.usual);
        for (const { weeks: asked } of blockOf(template.id, weeks, days).lifts) {
          expect(asked).toHaveLength(weeks);
          for (const ask of asked.flat()) {
            expect(ask!.reps).toBeGreaterThanOrEqual(4);
            expect(ask!.sets).toBeLessThanOrEqual(4);
          }
        }
      }),
    );
  });
});

describe('what a block hands over', () => {
  it('is the sets of its last heavy day, not those of a light one at its end', () => {
    const block = blockOf('cycle', 4);
    expect(heavySets(block, [{ week: 3, day: 0 }], squat.id)).toBe(3);
  });

  it('is the sets of the last heavy day that was done', () => {
    const block = blockOf('more-sets', 6);
    expect(heavySets(block, [{ week: 0, day: 0 }], squat.id)).toBe(2);
    expect(heavySets(block, [], squat.id)).toBe(4);
    expect(heavySets(block, [], 'bench-press')).toBeNull();
  });
});

describe('the strategy that is proposed', () => {
  it.each([
    ['2012-01-01', 30, 'Stronger', 'steady', 'under 18'],
    ['1960-01-01', 3, '', 'cycle', 'from 60'],
    ['1990-01-01', 6, 'More muscle', 'long-wave', 'first year'],
    ['1990-01-01', 30, 'Bigger arms, then stronger', 'more-sets', 'goal of muscle'],
    ['1990-01-01', 30, 'Get past the same 95 kg squat', 'wave', 'goal of strength'],
    ['1990-01-01', 30, 'Feel at home', 'wave', 'trained'],
    [null, 30, 'Feel at home', 'wave', 'trained'],
  ])('born %s, %d months, "%s": %s for %s', (birthDate, trainingMonths, goal, id, why) => {
    expect(usualTemplate({ birthDate, trainingMonths }, goal, NOW)).toEqual({ id, why });
  });
});
