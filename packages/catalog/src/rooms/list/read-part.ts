import { type Unit } from '@spalo/core/unit';
import { vocabulary, type Named } from './vocabulary';

/** So many of a mass, as "4×10"; `count` is null where only the mass is said. */
export interface Massed {
  count: number | null;
  mass: number;
}

/** Two numbers with a × between them, of which one is how many. */
export type Times = readonly [number, number];

/** A run of masses, as "2–30 by 2"; `first` is null after "up to", `step` where it is not said. */
export interface Run {
  first: number | null;
  last: number;
  step: number | null;
}

/** One part of a list, read. */
export interface Part {
  text: string;
  named: Named | null;
  unit: Unit | null;
  runs: Run[];
  massed: Massed[];
  times: Times[];
  /** Whether it writes the mass before how many: "20 kg × 4", or "2.5 × 4". */
  massFirst: boolean;
  /** A number that stands alone before the name or after a ×: how many. */
  count: number | null;
  /** Whether pairs, or singles, are spoken of. */
  hands: 1 | 2 | null;
}

const NUMBER = '(\\d+(?:[.,]\\d+)?)';
const runs = new RegExp(
  `${NUMBER}\\s*(?:kg|lbs?)?\\s*(?:-|–|to|up to)\\s*${NUMBER}\\s*(?:kg|lbs?)?(?:\\s*(?:by|in|step|steps of|in steps of|every)\\s*${NUMBER})?`,
  'g',
);
const upTo = new RegExp(`(?:^|[^\\d\\s])\\s*(?:up )?to ${NUMBER}(?:\\s*by\\s*${NUMBER})?`, 'g');
const times = new RegExp(`${NUMBER}\\s*[x×*]\\s*${NUMBER}`, 'g');
const words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

const number = (text: string) => Number(text.replace(',', '.'));

/** Takes out of a text what a pattern finds, and gives what is left. */
function taken(text: string, pattern: RegExp, each: (match: RegExpMatchArray) => void): string {
  for (const match of text.matchAll(pattern)) each(match);
  return text.replace(pattern, ' ');
}

/** Reads one part of a list; what it does not name is left to who knows what stood before it. */
export function readPart(text: string): Part {
  const part: Part = {
    text: text.trim(),
    named: null,
    unit: null,
    runs: [],
    massed: [],
    times: [],
    massFirst: /\d\s*(?:kg|lbs?)\s*(?:plates?|discs?)?\s*[x×*]\s*\d|\d[.,]\d+\s*[x×*]/.test(
      text.toLowerCase(),
    ),
    count: null,
    hands: null,
  };
  let rest = part.text.toLowerCase().replace(/\s+/g, ' ');
  words.forEach((word, at) => {
    rest = rest.replace(new RegExp(`\\b${word}\\b`, 'g'), String(at + 1));
  });
  for (const [pattern, named] of vocabulary) {
    const found = new RegExp(`\\b(?:${pattern.source})(?![a-z])`).exec(rest);
    if (!found) continue;
    part.named = named;
    rest = `${rest.slice(0, found.index)} § ${rest.slice(found.index + found[0].length)}`;
    break;
  }
  if (/\blbs?\b|\bpounds?\b|\d(?:lbs?)\b/.test(rest)) part.unit = 'lb';
  else if (/\bkgs?\b|\bkilos?\b|\dkg\b/.test(rest)) part.unit = 'kg';
  if (/\bpairs?\b/.test(rest)) part.hands = 2;
  else if (/\bsingles?\b/.test(rest)) part.hands = 1;
  rest = taken(rest, runs, ([, first, last, step]) =>
    part.runs.push({
      first: number(first!),
      last: number(last!),
      step: step === undefined ? null : number(step),
    }),
  );
  rest = taken(rest, upTo, ([, last, step]) =>
    part.runs.push({
      first: null,
      last: number(last!),
      step: step === undefined ? null : number(step),
    }),
  );
  rest = taken(rest, times, ([, one, other]) => part.times.push([number(one!), number(other!)]));
  const [before = '', after = ''] = rest.includes('§') ? rest.split('§') : ['', rest];
  const isMass = /^\s*(?:kg|lb)/;
  for (const match of before.matchAll(new RegExp(NUMBER, 'g'))) {
    const behind = before.slice(match.index + match[0].length);
    if (isMass.test(behind) || part.count !== null || !Number.isInteger(number(match[0])))
      part.massed.push({ count: null, mass: number(match[0]) });
    else part.count = number(match[0]);
  }
  const left = taken(after, /[x×*]\s*(\d+)/g, ([, count]) => (part.count ??= Number(count)));
  for (const match of left.matchAll(new RegExp(NUMBER, 'g')))
    part.massed.push({ count: null, mass: number(match[0]) });
  return part;
}
