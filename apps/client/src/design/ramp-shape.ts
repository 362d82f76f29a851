import type { StepKind } from '@spalo/core';

/** A step as the ramp draws it. */
export interface RampItem {
  kind: StepKind;
  load: number;
  reps: number;
}

/** Where a step stands: all lengths in the units of `width` and `height`. */
export interface RampBlock {
  x: number;
  width: number;
  height: number;
  /** Whether its load is written above it. */
  labelled: boolean;
}

const GAP = 4;
/** Width of a figure of the number face against its size, a little generous. */
const FIGURE_WIDTH = 0.5;
const LABEL_SIZE = 19;
const CURRENT_WEIGHT = 1.25;
/** Share of the height that the lightest step keeps. */
const FLOOR_SHARE = 0.16;

function shareOut(weights: number[], total: number, least: number): number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  const raw = weights.map((weight) => (weight / sum) * total);
  const short = raw.filter((width) => width < least).length;
  if (short === 0 || least * weights.length >= total) {
    return short === 0 ? raw : raw.map(() => total / weights.length);
  }
  // The narrow ones get the least width, the others share what is left in proportion.
  const left = total - short * least;
  const wide = raw.filter((width) => width >= least).reduce((a, b) => a + b, 0);
  return raw.map((width) => (width < least ? least : (width / wide) * left));
}

/**
 * Blocks for 1 to 14 steps and more: width grows with reps, the current step is wider, height is load. A load is
 * written where it fits, and where it says something new; the current one always is. `loadText` gives the words.
 */
export function rampBlocks(
  items: readonly RampItem[],
  current: number,
  size: { width: number; height: number; heaviest?: number },
  loadText: (load: number) => string,
): RampBlock[] {
  if (items.length === 0) return [];
  const inner = size.width - GAP * (items.length - 1);
  const weights = items.map(
    (item, index) => (8 + Math.min(item.reps, 20)) * (index === current ? CURRENT_WEIGHT : 1),
  );
  const widths = shareOut(weights, inner, Math.min(26, inner / items.length));
  const heaviest = Math.max(size.heaviest ?? 0, ...items.map((item) => item.load), 1);
  let x = 0;
  let lastLabelEnd = -Infinity;
  return items.map((item, index) => {
    const width = widths[index]!;
    const text = loadText(item.load);
    const scale = index === current ? 1.35 : 1;
    const needs = text.length * LABEL_SIZE * FIGURE_WIDTH * scale;
    const middle = x + width / 2;
    const isNew = items[index - 1]?.load !== item.load;
    const fits = middle - needs / 2 > lastLabelEnd + 3;
    const roomForCurrent = index >= current || index !== current - 1 || needs <= width + GAP;
    const labelled = index === current || (fits && roomForCurrent && (isNew || needs <= width));
    if (labelled) lastLabelEnd = middle + needs / 2;
    const block = {
      x,
      width,
      height: size.height * (FLOOR_SHARE + (1 - FLOOR_SHARE) * (item.load / heaviest)),
      labelled,
    };
    x += width + GAP;
    return block;
  });
}

/** The stair of last time's loads over the whole width, as a path for a drawing of `height`. */
export function ghostPath(
  items: readonly RampItem[],
  size: { width: number; height: number; heaviest: number },
): string {
  const blocks = rampBlocks(items, -1, size, () => '');
  return blocks
    .map((block, index) => {
      const top = (size.height - block.height).toFixed(1);
      const end = index === blocks.length - 1 ? size.width : blocks[index + 1]!.x;
      return `${index === 0 ? 'M' : 'L'}${block.x.toFixed(1)} ${top} H${end.toFixed(1)}`;
    })
    .join(' ');
}
