import { allLifts } from '@spalo/catalog';
import Fuse from 'fuse.js';

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
  const small = name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9']+/g, ' ')
    .trim();
  return SHORT.reduce((text, [short, long]) => text.replace(short, long), small)
    .replace(/\b(\w{3,}[^s])s\b/g, '$1')
    .trim();
}

const SURE = 0.12;
const LIKELY = 0.45;

/** Finds the lift that a name means, among those that the studio teaches. */
export function liftFinder(): (name: string) => NamedLift | null {
  const lifts = allLifts().map(({ id, name }) => ({ id, plain: plainName(name) }));
  const byName = new Map(lifts.map(({ id, plain }) => [plain, id]));
  const ids = new Set(lifts.map(({ id }) => id));
  const fuse = new Fuse(lifts, {
    keys: ['plain'],
    includeScore: true,
    ignoreLocation: true,
    threshold: LIKELY,
  });
  return (name) => {
    const plain = plainName(name);
    if (plain === '') return null;
    const known = byName.get(plain) ?? BARE[plain] ?? (ids.has(name) ? name : undefined);
    if (known !== undefined && ids.has(known)) return { liftId: known, sure: true };
    const [best, second] = fuse.search(plain, { limit: 2 });
    if (!best) return null;
    const clear = (second?.score ?? 1) - best.score! > SURE / 2;
    return { liftId: best.item.id, sure: best.score! < SURE && clear };
  };
}
