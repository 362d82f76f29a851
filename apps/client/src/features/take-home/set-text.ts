import bidi from 'bidi-js';

const { getEmbeddingLevels } = bidi();

/** Letters that no font has to have: they are not drawn. */
const UNDRAWN = /[\s\u200b-\u200f\u202a-\u202e\u2066-\u2069\ufe0e\ufe0f]/;

/** The letters of a text that none of some fonts has, each once. */
export function missingIn(text: string, has: (codePoint: number) => boolean): string[] {
  const letters = [...text.normalize('NFC')];
  return [...new Set(letters)].filter(
    (letter) => !UNDRAWN.test(letter) && !has(letter.codePointAt(0)!),
  );
}

/** The same text with a box for each letter that cannot be set. */
export const boxed = (text: string, missing: readonly string[]): string =>
  [...text.normalize('NFC')].map((each) => (missing.includes(each) ? '\u25a1' : each)).join('');

/**
 * The words of a line as they stand on paper from left to right (Unicode Bidirectional Algorithm, UAX 9, rule L2, word by
 * word). The font turns the letters within a word itself.
 */
export function inPlace(line: string): string {
  const { levels } = getEmbeddingLevels(line);
  if (!levels.some((level) => level % 2 === 1)) return line;
  let at = 0;
  let words = line.split(' ').map((word) => {
    const level = levels[at] ?? 0;
    at += word.length + 1;
    return { word, level };
  });
  const highest = Math.max(...words.map(({ level }) => level));
  for (let level = highest; level > 0; level -= 1) words = turned(words, level);
  return words.map(({ word }) => word).join(' ');
}

/** Words with every run of at least a level turned round. */
function turned<T extends { level: number }>(words: readonly T[], level: number): T[] {
  const all: T[] = [];
  let run: T[] = [];
  for (const each of words) {
    if (each.level >= level) {
      run.unshift(each);
      continue;
    }
    all.push(...run, each);
    run = [];
  }
  return [...all, ...run];
}
