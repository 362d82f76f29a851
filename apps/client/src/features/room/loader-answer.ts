import {
  loadBar,
  loadTwoBars,
  type Barbell,
  type Loadable,
  type LoadObstacle,
  type Plate,
} from '@spalo/core';
import type { LoaderTarget } from './use-loader';

/** One load to show, and what it is to the target. */
export interface ShownLoad {
  title: string;
  bar: Barbell;
  found: Loadable;
}

/** The loads that answer a target, and what stands in the way of it. */
export interface LoaderAnswer {
  shown: ShownLoad[];
  obstacles: readonly LoadObstacle[];
  /** For two bars: whether both targets are met exactly; null for one bar, or where a target is missing. */
  bothExact: boolean | null;
}

const nothing: LoaderAnswer = { shown: [], obstacles: [], bothExact: null };

/** The loads round one target, or nothing where it is not a number. */
export function oneBarAnswer(
  { bar, targetG }: LoaderTarget,
  plates: readonly Plate[],
): LoaderAnswer {
  if (targetG === null) return nothing;
  const { below, above, exact, obstacles } = loadBar(bar, plates, targetG);
  const shown: ShownLoad[] = [];
  if (below)
    shown.push({ title: exact ? 'Exactly this' : 'Nearest at or below', bar, found: below });
  if (above && !exact) shown.push({ title: 'Next above', bar, found: above });
  return { shown, obstacles, bothExact: null };
}

/** Two different bars loaded at once from one stock of plates. */
export function twoBarsAnswer(
  first: LoaderTarget,
  second: LoaderTarget,
  plates: readonly Plate[],
): LoaderAnswer {
  if (first.targetG === null || second.targetG === null || first.bar.id === second.bar.id) {
    return nothing;
  }
  const both = loadTwoBars(
    { bar: first.bar, targetG: first.targetG },
    { bar: second.bar, targetG: second.targetG },
    plates,
  );
  const met = (found: Loadable, targetG: number | null) => found.loadG === targetG;
  return {
    shown: [
      { title: first.bar.name, bar: first.bar, found: both.first },
      { title: second.bar.name, bar: second.bar, found: both.second },
    ],
    obstacles: [],
    bothExact: met(both.first, first.targetG) && met(both.second, second.targetG),
  };
}
