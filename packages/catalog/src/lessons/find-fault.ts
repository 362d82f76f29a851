import type { Lift } from '@spalo/core/lift';
import type { TaughtFault, TaughtStyle } from '../schema/taught';
import { allLifts } from '../studio/lifts';
import { stylesOf } from './taught';

/** A fault with where it is taught. */
export interface FoundFault {
  lift: Lift;
  style: TaughtStyle;
  fault: TaughtFault;
}

/** Words that people say for the same; each is looked for by how it begins. */
const alike: readonly (readonly string[])[] = [
  ['cave', 'fall', 'collaps', 'valgus', 'buckl', 'dive', 'turn in', 'knock'],
  ['round', 'curl', 'bend', 'bow', 'flex', 'hunch'],
  ['short', 'half', 'high', 'shallow', 'depth', 'deep', 'range', 'partial'],
  ['bounc', 'drop', 'fast', 'crash', 'slam', 'hurr', 'rush'],
  ['lean', 'tip', 'tilt', 'arch', 'overextend', 'hyperextend'],
  ['swing', 'heav', 'kick', 'kip', 'cheat', 'momentum', 'jerk', 'yank'],
  ['flare', 'wide', 'open', 'out'],
  ['uneven', 'crooked', 'lag', 'shift', 'twist', 'side'],
  ['shrug', 'neck', 'trap', 'ear'],
  ['grip', 'hand', 'slip', 'wrist'],
  ['butt', 'seat', 'hip', 'pelvis', 'tail'],
  ['lower', 'low', 'lumbar', 'back', 'spine'],
  ['heel', 'toe', 'feet', 'foot'],
  ['head', 'chin', 'look'],
];
/** Words that say nothing of what is wrong. */
const EMPTY = new Set(
  'the a an my his her their is are in at to on of and when too very with it goes go gets get keeps keep can comes come up from cannot not does they he she i during while'.split(
    ' ',
  ),
);

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 1 && !EMPTY.has(word));

/** What a word may stand for: itself, and what is said for the same. */
const meant = (word: string): readonly string[] => [
  word,
  ...alike.filter((group) => group.some((start) => word.startsWith(start))).flat(),
];

/** How well a fault fits what was said: 2 a word that it bears itself, 1 one that means the same; 0 where a word fits nothing. */
function fit(said: readonly string[], name: readonly string[], where: readonly string[]): number {
  let sum = 0;
  for (const word of said) {
    const begins = (all: readonly string[], start: string) =>
      all.some((each) => each.startsWith(start));
    if (begins(name, word)) sum += 2;
    else if (meant(word).some((start) => begins(name, start))) sum += 1;
    else if (!begins(where, word)) return 0;
  }
  return sum;
}

/** The faults that somebody may mean by what they see, "knees cave", "back rounds deadlift": the likeliest first. */
export function faultsFor(text: string): FoundFault[] {
  const said = wordsOf(text);
  if (said.length === 0) return [];
  return allLifts()
    .flatMap((lift) =>
      stylesOf(lift.id).flatMap((style) => {
        const where = wordsOf(`${lift.name} ${style.name}`);
        return style.faults.map((fault) => ({
          found: { lift, style, fault },
          score: fit(said, wordsOf(fault.name), where),
        }));
      }),
    )
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ found }) => found);
}
