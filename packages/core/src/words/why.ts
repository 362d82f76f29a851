import { amountText, heldCounts } from '../lift/counted';
import { listText } from '../unit/language';
import { massText, type Unit } from '../unit/mass';
import { OPEN_RESERVE } from '../unit/reserve';
import { decisionRows } from './decisions';
import { floorRows } from './floor';
import { limitRows } from './limits';
import { planRows } from './plans';
import type { DoneSet, Kept, Kind, Left, Much, Params, Row } from './row';
import { warmUpRows } from './warm-ups';

/** Every reason that is kept, by its code. A new one is a row in one of the files beside. */
const rows = { ...limitRows, ...decisionRows, ...floorRows, ...planRows, ...warmUpRows };
type Rows = typeof rows;

export type WhyCode = keyof Rows;

interface WithWhy extends Kept {
  why: StoredWhy;
}
type ParamsOf<R> = R extends Row<infer P> ? P : never;
type Coded = {
  [C in WhyCode]: { code: C } & {
    [K in keyof ParamsOf<Rows[C]>]: WithWhy[ParamsOf<Rows[C]>[K] & Kind];
  };
};

/** Why something is as it is: a code with what it rests on. Its sentence is made when it is shown. */
export type Why = Coded[WhyCode];

/** The same as it is kept: in logs from before there were codes it is the sentence itself. */
export type StoredWhy = Why | string;

const muchText = (much: Much, unit: Unit): string =>
  'loadG' in much
    ? massText(much.loadG, unit)
    : amountText(much.amount, much.of === 'reps' ? undefined : much.of);

const setText = ({ clean, rir }: DoneSet): string => {
  const left = rir === null ? '' : `, ${rir >= OPEN_RESERVE ? '4 or more' : rir} in reserve`;
  return `${clean} clean${left}`;
};

const leftText = ({ rir, how }: Left): string =>
  `with ${how === 'about' ? '' : `${how} than `}${rir} in reserve`;

const UNKNOWN = 'For a reason that this version does not know';

/** How what is kept is said, kind by kind. */
const sayers: { [K in Kind]: (kept: WithWhy[K], unit: Unit) => unknown } = {
  mass: massText,
  count: (count) => count,
  counts: (counts) => listText(counts.map(String)),
  yes: (yes) => yes,
  word: (word) => word,
  words: (words) => listText(words),
  much: muchText,
  set: setText,
  left: leftText,
  why: whyText,
};

/** A reason as a sentence without its full stop, masses in `unit`. */
export function whyText(why: StoredWhy, unit: Unit): string {
  if (typeof why === 'string') return why;
  // A device may be told by a newer server.
  if (!Object.hasOwn(rows, why.code)) return UNKNOWN;
  // What the code ties together, the union of all of them cannot say.
  const { params, says } = rows[why.code] as unknown as Row;
  const kept = why as unknown as Record<string, never>;
  const said = Object.entries(params).map(([name, kind]) => [
    name,
    sayers[kind](kept[name]!, unit),
  ]);
  return says(Object.fromEntries(said) as never);
}

/** Why something is closed, as a sentence without its full stop: no mass is in any of these reasons. */
export const closedText = (why: StoredWhy): string => whyText(why, 'kg');

/** Several reasons as one, said one after the other; null of none. */
export const allOf = (reasons: readonly StoredWhy[]): StoredWhy | null =>
  reasons.length === 0
    ? null
    : reasons.reduce((first, then): Why => ({ code: 'and', first, then }));

/**
 * The longest word, the most of a list, and how deep reasons rest on others: a lighter week over four easier lifts, opened and
 * eased, over why it was opened, is nine deep.
 */
const MOST_LETTERS = 300;
const MOST_LISTED = 20;
const MOST_DEEP = 12;

const isNumber = (value: unknown): value is number =>
  typeof value === 'number' && Number.isFinite(value);
const isWord = (value: unknown): value is string =>
  typeof value === 'string' && value.length <= MOST_LETTERS;
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isListOf = (is: (each: unknown) => boolean) => (value: unknown) =>
  Array.isArray(value) && value.length <= MOST_LISTED && value.every(is);

const checks: Record<Exclude<Kind, 'why'>, (value: unknown) => boolean> = {
  mass: isNumber,
  count: isNumber,
  counts: isListOf(isNumber),
  yes: (value) => typeof value === 'boolean',
  word: isWord,
  words: isListOf(isWord),
  much: (value) =>
    isRecord(value) &&
    (isNumber(value.loadG) ||
      (isNumber(value.amount) && ['reps', ...heldCounts].includes(String(value.of)))),
  set: (value) =>
    isRecord(value) && isNumber(value.clean) && (value.rir === null || isNumber(value.rir)),
  left: (value) =>
    isRecord(value) && isNumber(value.rir) && ['about', 'more', 'less'].includes(String(value.how)),
};

/** Whether something is a reason as it is kept: a known code with all that it rests on, or a sentence of old. */
export function isStoredWhy(value: unknown, deep = 0): value is StoredWhy {
  if (typeof value === 'string') return isWord(value);
  if (!isRecord(value) || deep > MOST_DEEP || !Object.hasOwn(rows, String(value.code)))
    return false;
  const params: Params = rows[value.code as WhyCode].params;
  const isKnown = (name: string) => name === 'code' || Object.hasOwn(params, name);
  if (!Object.keys(value).every(isKnown)) return false;
  return Object.entries(params).every(([name, kind]) =>
    kind === 'why' ? isStoredWhy(value[name], deep + 1) : checks[kind](value[name]),
  );
}

export const whyCodes = Object.keys(rows) as WhyCode[];
