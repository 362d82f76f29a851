import { setsOf } from './cells';
import { headWords } from './head-words';
import { plainText } from './plain-text';
import type { Field, LiftColumns } from './reading';

/** The number that a heading ends or begins with, as in "Reps 2", "Set 2 kg", "R2", "2. Satz". */
const numberIn = (head: string): number | null => {
  const found = /(?:^|[^\d.])(\d{1,2})(?:\.? |$|[^\d])/.exec(` ${plainText(head)} `);
  return found ? Number(found[1]) : null;
};

const WHOLE = /^(?:set|satz|serie|s) ?#? ?\d{1,2}$|^\d{1,2}\.? (?:set|satz|serie)$/;
/** What a heading with a set's number names besides it: load or reps. */
function besideNumber(plain: string): Field | null {
  const rest = plain.replace(/\b(?:set|satz|serie)? ?#? ?\d{1,2}\.? ?/, '').trim();
  return headWords.find(([, word]) => word.test(rest))?.[0] ?? null;
}

const REPS = /^(?:r|rep|reps|wdh|w) ?\d{1,2}$/;

/**
 * The columns of a file that has the sets of a lift beside each other: "Weight 1, Reps 1, Weight 2, Reps 2", one weight with
 * "R1, R2, R3", or "Set 1, Set 2" with whole sets or reps in them. Empty where it has not. `below`: the rows under the heads.
 */
export function numberedSets(
  heads: readonly string[],
  named: readonly (Field | null)[],
  below: readonly (readonly string[])[],
): LiftColumns[] {
  const loads = new Map<number, number>();
  const reps = new Map<number, number>();
  const wholes = new Map<number, number>();
  const plainLoads: number[] = [];
  heads.forEach((head, at) => {
    const number = numberIn(head);
    const plain = plainText(head).trim();
    if (number === null) {
      if (named[at] === 'load') plainLoads.push(at);
    } else if (WHOLE.test(plain)) wholes.set(number, at);
    else if (besideNumber(plain) === 'load') loads.set(number, at);
    else if (besideNumber(plain) === 'reps' || REPS.test(plain)) reps.set(number, at);
  });
  const column = (load: number, count: number | null): LiftColumns => ({
    name: '',
    load,
    reps: count,
  });
  if (loads.size > 1 && [...loads.keys()].every((number) => reps.has(number)))
    return [...loads].map(([number, load]) => column(load, reps.get(number)!));
  const [load] = plainLoads;
  if (load !== undefined && reps.size > 1) return [...reps.values()].map((at) => column(load, at));
  if (wholes.size < 2) return [];
  const cells = below
    .slice(0, 60)
    .flatMap((row) => [...wholes.values()].map((at) => row[at] ?? ''));
  const filled = cells.filter((cell) => cell !== '');
  const asSets = filled.filter((cell) => setsOf(cell, { unit: 'kg', comma: cell.includes(',') }));
  if (filled.length > 0 && asSets.length * 2 > filled.length)
    return [...wholes.values()].map((at) => column(at, null));
  return load === undefined ? [] : [...wholes.values()].map((at) => column(load, at));
}
