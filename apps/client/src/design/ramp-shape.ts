import type { StepKind } from '@spalo/core/session';

/** A step as the ramp draws it. */
export interface RampItem {
  kind: StepKind;
  load: number;
  reps: number;
}

/** Where a step stands: all lengths in the units of `width` and `height`. */
export interface RampBlock {
  /** Its share of the width: only that of the current step is another one when the ramp moves on. */
  weight: number;
  /** The least width that it is given. */
  least: number;
  x: number;
  width: number;
  height: number;
  /** Whether its load is written above it. */
  labelled: boolean;
}

const GAP = 4;
/** With more steps than this the gaps shrink, so that each step stays wide enough to tap. */
const MANY = 10;
const NARROW_GAP = 1;
/** The least width of a step: the least target of WCAG 2.2, in CSS pixels. */
const LEAST = 24.2;
/** Width of a figure of the number face against its size, a little generous. */
const FIGURE_WIDTH = 0.5;
const LABEL_SIZE = 19;
const CURRENT_WEIGHT = 1.25;
/** Share of the height that the lightest step keeps. */
const FLOOR_SHARE = 0.16;

/** The gap between this many steps. */
export const gapOf = (count: number): number => (count > MANY ? NARROW_GAP : GAP);

/** Shares `total` in proportion to the weights, but gives none less than `least`, where that is possible. */
function shareOut(weights: number[], total: number, least: number): number[] {
  const narrow = new Set<number>();
  for (;;) {
    const left = total - narrow.size * least;
    const sum = weights.reduce((all, weight, index) => (narrow.has(index) ? all : all + weight), 0);
    const widths = weights.map((weight, index) =>
      narrow.has(index) ? least : (weight / sum) * left,
    );
    const tooNarrow = widths.findIndex((width, index) => !narrow.has(index) && width < least);
    if (tooNarrow < 0 || narrow.size === weights.length - 1) return widths;
    narrow.add(tooNarrow);
  }
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
  const gap = gapOf(items.length);
  const inner = size.width - gap * (items.length - 1);
  const weights = items.map(
    (item, index) => (8 + Math.min(item.reps, 20)) * (index === current ? CURRENT_WEIGHT : 1),
  );
  const least = Math.min(LEAST, inner / items.length);
  const widths = shareOut(weights, inner, least);
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
    const roomForCurrent = index >= current || index !== current - 1 || needs <= width + gap;
    const labelled = index === current || (fits && roomForCurrent && (isNew || needs <= width));
    if (labelled) lastLabelEnd = middle + needs / 2;
    const block = {
      weight: weights[index]!,
      least,
      x,
      width,
      height: size.height * (FLOOR_SHARE + (1 - FLOOR_SHARE) * (item.load / heaviest)),
      labelled,
    };
    x += width + gap;
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
