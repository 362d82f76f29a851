import { shownAs, type Loads } from '@spalo/core/loads';
import { massText, toGrams, type Grams, type Unit, LANGUAGE } from '@spalo/core/unit';
import { loadProblem, type LoadProblem } from '@spalo/core/warm-up';
import { typedGrams } from '../../parts/forms/typed';

const MOST = 2000;

/** A working load as it was typed: a load that exists here, or why it is not and what comes nearest. */
export interface TypedLoad {
  grams: Grams;
  /** What is wrong with the typing itself; null when it is a load. */
  wrong: string | null;
  problem: LoadProblem | null;
}

/** Reads a working load. What the screens show is rounded, so a load as it is shown means that load. */
export function readLoad(typed: string, unit: Unit, loads: Loads): TypedLoad {
  const wrong = `A number in ${unit}, up to ${MOST.toLocaleString(LANGUAGE)}`;
  const read = typedGrams(unit, 1, toGrams(MOST, unit), wrong).safeParse(typed);
  if (!read.success) return { grams: 0, wrong, problem: null };
  const grams = shownAs(loads, read.data, unit)?.loadG ?? read.data;
  return { grams, wrong: null, problem: loadProblem(loads, grams) };
}

/** Why a load cannot be warmed up to, in words; `what` is the implement's name. */
export function problemText({ kind, above, below }: LoadProblem, what: string, unit: Unit): string {
  switch (kind) {
    case 'nothing here':
      return 'This room has nothing to load the lift with';
    case 'lighter than empty':
      return `${what} is ${massText(above!.loadG, unit)} at the least`;
    case 'heavier than all':
      return `All that fits is on at ${massText(below!.loadG, unit)}`;
    case 'not exact':
      return 'This load cannot be built here; these come nearest';
  }
}
