import fc from 'fast-check';
import { listed } from '../loads/loads';
import { heavierThanOpen, heaviestOpen, shownBy } from './shown';

const row = { repConstant: 30 };
const rack = (stepG: number) =>
  listed(
    Array.from({ length: 80 }, (_, at) => ({
      loadG: (at + 1) * stepG,
      build: { kind: 'body' as const, added: [] },
    })),
  );
const open = (loadG: number, cleanReps = 10, rir: number | null = 4) => ({
  loadG,
  cleanReps,
  rir,
  proposed: { reps: 10 },
});
const up = (sets: ReturnType<typeof open>[], stepG = 2500, jump = 0.2) =>
  heavierThanOpen(sets, row, rack(stepG), { reps: 8, jump })?.loadG ?? null;

describe('what sets with "4 or more" in reserve show by themselves', () => {
  it.each([
    ['all open: as far as they show', [open(40_000), open(40_000)], 45_000],
    ['the heaviest is gone on from', [open(40_000), open(45_000)], 50_000],
    ['one was counted', [open(40_000), open(40_000, 10, 3)], null],
    ['nobody said', [open(40_000), open(40_000, 10, null)], null],
    ['not all reps were done', [open(40_000, 9)], null],
    ['nothing was done', [], null],
  ])('%s', (_what, sets, loadG) => {
    expect(up(sets)).toBe(loadG);
  });

  it('takes a step where steps are coarser than the jump, and only one that is shown', () => {
    expect(up([open(10_000)], 2500, 0.1)).toBeNull();
    expect(up([open(20_000, 20)], 5000, 0.1)).toBe(25_000);
    expect(up([open(10_000, 10)], 10_000)).toBeNull();
  });

  it('leaves one at the least where no more than four were left', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5000, max: 150_000 }),
        fc.integer({ min: 10, max: 20 }),
        fc.constantFrom(500, 1250, 2500, 5000),
        (loadG, reps, stepG) => {
          const next = up([open(loadG, reps)], stepG);
          if (next === null) return;
          expect(next).toBeGreaterThan(loadG);
          // Reps to the limit at the new load, if exactly four were left at the old one.
          const limit = (loadG * (row.repConstant + reps + 4)) / next - row.repConstant;
          expect(limit).toBeGreaterThanOrEqual(8 + 1 - 1e-9);
        },
      ),
    );
  });

  it('says the heaviest that was open', () => {
    expect(heaviestOpen([open(40_000), open(42_500)])).toBe(42_500);
    expect(heaviestOpen([open(40_000), open(42_500, 10, 2)])).toBe(0);
    expect(shownBy({ loadG: 40_000, cleanReps: 12 }, row, 8)).toBeCloseTo(47_179, 0);
  });
});
