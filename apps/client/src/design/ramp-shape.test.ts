import fc from 'fast-check';
import { ghostPath, rampBlocks, type RampItem } from './ramp-shape';

const item = fc.record({
  kind: fc.constantFrom('warm-up' as const, 'working' as const),
  load: fc.integer({ min: 0, max: 300_000 }),
  reps: fc.integer({ min: 1, max: 30 }),
});
const items = fc.array(item, { minLength: 1, maxLength: 14 });
const size = { width: 358, height: 120 };
const text = (load: number) => String(load / 1000);

describe('the shape of a ramp', () => {
  it('fills its width with steps wide enough to tap, the current one never the narrowest', () => {
    fc.assert(
      fc.property(items, fc.nat(13), (steps, pick) => {
        const current = pick % steps.length;
        const blocks = rampBlocks(steps, current, size, text);
        const last = blocks.at(-1)!;
        expect(last.x + last.width).toBeCloseTo(size.width, 3);
        for (const [index, block] of blocks.entries()) {
          expect(block.width).toBeGreaterThanOrEqual(24);
          expect(block.height).toBeGreaterThan(0);
          expect(block.height).toBeLessThanOrEqual(size.height + 0.001);
          if (index > 0)
            expect(block.x).toBeGreaterThanOrEqual(blocks[index - 1]!.x + blocks[index - 1]!.width);
        }
      }),
    );
  });

  it('is as high as its load says, and wider with more reps', () => {
    const build = (list: [number, number][]): RampItem[] =>
      list.map(([load, reps]) => ({ kind: 'working', load, reps }));
    const [light, heavy] = rampBlocks(
      build([
        [20_000, 8],
        [100_000, 8],
      ]),
      -1,
      size,
      text,
    );
    expect(heavy!.height).toBeGreaterThan(light!.height);
    const [few, many] = rampBlocks(
      build([
        [60_000, 3],
        [60_000, 12],
      ]),
      -1,
      size,
      text,
    );
    expect(many!.width).toBeGreaterThan(few!.width);
  });

  it('gives another share to no step but those that it leaves and comes to', () => {
    fc.assert(
      fc.property(items, fc.nat(13), fc.nat(13), (steps, from, to) => {
        const [left, come] = [from % steps.length, to % steps.length];
        const weights = (current: number) =>
          rampBlocks(steps, current, size, text).map(({ weight }) => weight);
        const before = weights(left);
        const moved = weights(come).flatMap((weight, index) =>
          weight === before[index] ? [] : [index],
        );
        expect(moved.every((index) => index === left || index === come)).toBe(true);
      }),
    );
  });

  it('writes the current load always, and no two that would touch', () => {
    fc.assert(
      fc.property(items, fc.nat(13), (steps, pick) => {
        const current = pick % steps.length;
        const blocks = rampBlocks(steps, current, size, text);
        expect(blocks[current]!.labelled).toBe(true);
        const said = blocks.flatMap((block, index) =>
          block.labelled && index !== current ? [{ block, index }] : [],
        );
        for (let at = 1; at < said.length; at += 1) {
          const [left, right] = [said[at - 1]!, said[at]!];
          const half = (index: number) => (text(steps[index]!.load).length * 19 * 0.5) / 2;
          const gap = right.block.x + right.block.width / 2 - (left.block.x + left.block.width / 2);
          expect(gap).toBeGreaterThan(half(left.index) + half(right.index));
        }
      }),
    );
  });

  it('draws last time from edge to edge', () => {
    const path = ghostPath([{ kind: 'working', load: 50_000, reps: 8 }], {
      ...size,
      heaviest: 100_000,
    });
    expect(path).toMatch(/^M0\.0 [\d.]+ H358\.0$/);
    expect(rampBlocks([], 0, size, text)).toEqual([]);
  });
});
