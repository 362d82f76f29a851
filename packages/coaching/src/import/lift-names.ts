import { allLifts } from '@spalo/catalog';
import type { LiftImplement } from '@spalo/core/lift';
import Fuse from 'fuse.js';
import { namesElsewhere } from './names-elsewhere';
import { plainText } from './plain-text';

/** A name of a file with the lift that it most likely means. */
export interface NamedLift {
  liftId: string;
  /** Nobody need ask. */
  sure: boolean;
}

/** How people shorten what lifts are called. */
const SHORT: readonly (readonly [RegExp, string])[] = [
  [/\bdb('?s)?\b/g, 'dumbbell'],
  [/\bdumbell/g, 'dumbbell'],
  [/\bbb\b/g, 'barbell'],
  [/\bkb\b/g, 'kettlebell'],
  [/\brdls?\b/g, 'romanian deadlift'],
  [/\bohp\b/g, 'overhead press'],
  [/\b(bp|benchpress)\b/g, 'bench press'],
  [/\bdl\b/g, 'deadlift'],
  [/\bsquats\b/g, 'squat'],
  [/\bpull ?ups?\b/g, 'pull up'],
  [/\bpush ?ups?\b/g, 'push up'],
  [/\bpull ?downs?\b/g, 'pulldown'],
  [/\bpush ?downs?\b/g, 'press down'],
  [/\b(single|one)[ -]arm\b/g, 'one arm'],
  [/\binc\b/g, 'incline'],
  [/\bext\b/g, 'extension'],
  [/\btri(s|cep)?\b/g, 'triceps'],
  [/\bbi(s|ceps?)?\b/g, 'biceps'],
];

/** What a bare word means where nothing else is said. */
const BARE: Record<string, string> = {
  squat: 'back-squat',
  'barbell squat': 'back-squat',
  bench: 'bench-press',
  'barbell bench press': 'bench-press',
  'flat bench': 'bench-press',
  press: 'overhead-press',
  'military press': 'overhead-press',
  'shoulder press': 'overhead-press',
  row: 'barbell-row',
  'dumbbell row': 'one-arm-row',
  'bent over row': 'barbell-row',
  'cable row': 'seated-row',
  pulldown: 'lat-pulldown',
  'lat pull': 'lat-pulldown',
  'biceps curl': 'dumbbell-curl',
  curl: 'dumbbell-curl',
  'barbell curl': 'bar-curl',
  lunge: 'reverse-lunge',
  'dumbbell bench': 'dumbbell-bench-press',
  'hip thrusts': 'hip-thrust',
  'pull up': 'pull-up',
  'push up': 'push-up',
  'press down': 'press-down',
  'triceps press down': 'press-down',
  dips: 'dip',
  'conventional deadlift': 'deadlift',
};

/** A name in small letters without marks, and with what is shortened written out. */
export function plainName(name: string): string {
  const small = plainText(name)
    .replace(/[^a-z0-9']+/g, ' ')
    .trim();
  return SHORT.reduce((text, [short, long]) => text.replace(short, long), small)
    .replace(/\b(\w{3,}[^s])s\b/g, '$1')
    .trim();
}

/** The same of other languages and of short forms, as names are compared. */
const elsewhere: ReadonlyMap<string, string> = new Map(
  Object.entries(namesElsewhere).flatMap(([id, names]) =>
    names.map((name) => [plainName(name), id] as const),
  ),
);

/** What implements are called that a name may say or leave out. */
const IMPLEMENTS: Partial<Record<LiftImplement, readonly string[]>> = {
  barbell: ['barbell'],
  'EZ bar': ['ez', 'bar', 'barbell'],
  'dumbbell pair': ['dumbbell'],
  'single dumbbell': ['dumbbell'],
  kettlebell: ['kettlebell'],
  stack: ['cable', 'machine'],
  machine: ['machine'],
};

interface Known {
  id: string;
  /** Words that its name has, and those that say no more. */
  words: readonly string[];
  more: readonly string[];
}

/** How close two words are, 0 to 1, for slips of the pen to be the same. */
const SLIP = 0.25;
const LIKELY = 0.6;
/** Words that nothing in the catalogue knows weigh so much: a detail that it does not tell apart. */
const UNKNOWN = 0.5;

/** How much of a name and of a lift's words is the same, 0 to 1. */
function alike(said: readonly (string | null)[], { words, more }: Known): number {
  const known = said.filter((word) => word !== null);
  const named = known.filter((word) => words.includes(word)).length;
  const beside = known.filter((word) => !words.includes(word) && more.includes(word)).length;
  const other = known.length - named - beside + UNKNOWN * (said.length - known.length);
  return (2 * named) / (words.length + named + other);
}

/** Finds the lift that a name means, among those that the studio teaches. */
export function liftFinder(): (name: string) => NamedLift | null {
  const lifts = allLifts().map(({ id, name, implement }): Known & { plain: string } => {
    const plain = plainName(name);
    return { id, plain, words: plain.split(' '), more: IMPLEMENTS[implement] ?? [] };
  });
  const byName = new Map(lifts.map(({ id, plain }) => [plain, id]));
  const ids = new Set(lifts.map(({ id }) => id));
  const vocabulary = [...new Set(lifts.flatMap(({ words, more }) => [...words, ...more]))];
  const fuse = new Fuse(vocabulary, { threshold: SLIP, ignoreLocation: false });
  const known = new Set(vocabulary);
  const wordFor = (word: string): string | null => {
    if (known.has(word)) return word;
    const near = word.length < 4 ? undefined : fuse.search(word)[0]?.item;
    // A slip of the pen is a letter or two, no other word.
    return near !== undefined && Math.abs(near.length - word.length) <= 2 ? near : null;
  };
  return (name) => {
    const plain = plainName(name);
    if (plain === '') return null;
    const meant =
      byName.get(plain) ??
      BARE[plain] ??
      elsewhere.get(plain) ??
      (ids.has(name) ? name : undefined);
    if (meant !== undefined && ids.has(meant)) return { liftId: meant, sure: true };
    const said = plain.split(' ').map(wordFor);
    const judged = lifts
      .map((lift) => ({ id: lift.id, score: alike(said, lift) }))
      .sort((a, b) => b.score - a.score);
    const [best, second] = judged as [(typeof judged)[0], (typeof judged)[0]];
    if (best.score < LIKELY) return null;
    return { liftId: best.id, sure: best.score === 1 && second.score < 1 };
  };
}
