import { toGrams, type Grams, type Unit } from '@spalo/core/unit';

/** How numbers and masses of a file are written. */
export interface Writing {
  unit: Unit;
  /** A comma before decimals. */
  comma: boolean;
}

/** A set as a cell has it. */
export interface CellSet {
  loadG: Grams;
  reps: number;
}

/** The unit that a text names; null where it names none. */
export function unitIn(text: string): Unit | null {
  if (/(^|[^a-z])(lbs?|pounds?|#)([^a-z]|$)/i.test(text)) return 'lb';
  return /(^|[^a-z])(kgs?|kilos?|kilograms?)([^a-z]|$)/i.test(text) ? 'kg' : null;
}

/** A number as the file writes it; null where it is none. */
function numberOf(text: string, comma: boolean): number | null {
  const plain = comma
    ? text.replace(/\.(?=\d{3}\b)/g, '').replace(',', '.')
    : text.replace(/,(?=\d{3}\b)/g, '');
  return /^\d+(\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** What says that a load is that of one hand, or that reps are those of each side. */
const EACH = / ?(?:\/ ?|per |pro |je )?(?:ea(?:ch)?|hand|arm|side|leg|seite|e\/?s|p\.?s\.?)\.?$/i;

const BODY = /^(?:bw|body ?weight|body)\b/i;

/** A load in grams: "60", "62,5 kg", "135 lb", "22.5 ea", "2x20" (one of two), "+10", "BW" (none beside the body), "BW+10"; null where it is none. */
export function loadOf(cell: string, { unit, comma }: Writing): Grams | null {
  const own = unitIn(cell.replace(/^[\d.,\s]+/, ' ')) ?? unit;
  const bare = cell
    .replace(/(lbs?|pounds?|kgs?|kilos?|kilograms?|#)\.?/gi, '')
    .replace(EACH, '')
    .replace(/^2 ?[x×*] ?(?=\d)/i, '')
    .replace(/^\+(?=\d)/, '')
    .trim();
  const beside = BODY.test(bare) ? bare.replace(BODY, '').replace('+', '').trim() || '0' : bare;
  const value = numberOf(beside, comma);
  return value === null ? null : toGrams(value, own);
}

/** Reps of one set or several: "8", "8,8,7", "8/8/7", "3x8" (three sets of eight), "8/side", "12+"; null where it is none. */
export function repsOf(cell: string): number[] | null {
  const times = /^(\d{1,2}) ?[x×*] ?(\d{1,3})$/i.exec(cell);
  if (times) return Array.from({ length: Number(times[1]) }, () => Number(times[2]));
  const bare = cell
    .replace(/ ?reps?$/i, '')
    .replace(EACH, '')
    .replace(/\.0+$/, '')
    .replace(/\+$/, '');
  const parts = bare.split(/ ?[,;/+&] ?| /);
  const reps = parts.map((part) => (/^\d{1,3}$/.test(part) ? Number(part) : null));
  return reps.every((each) => each !== null) && reps.length > 0 ? (reps as number[]) : null;
}

const MARK = '[x×*]';
const NUMBER = '\\d+(?:[.,]\\d+)?';
const UNIT = '(?: ?(?:kgs?|lbs?|#))?';
/** "3x8 @ 60", "8 @ 60 kg". */
const AT = new RegExp(`^(?:(\\d{1,2}) ?${MARK} ?)?(\\d{1,3}) ?@ ?(${NUMBER}${UNIT})$`, 'i');
/** "60x8", "60 kg x 8", "60 x 8 x 3". */
const BY = new RegExp(
  `^(${NUMBER}${UNIT}|bw(?:\\+${NUMBER}${UNIT})?) ?${MARK} ?(\\d{1,3})(?: ?${MARK} ?(\\d{1,2}))?$`,
  'i',
);
/** "60: 8,8,7". */
const OF = new RegExp(`^(${NUMBER}${UNIT}) ?: ?(\\d{1,3}(?:[ ,/]+\\d{1,3})*)$`, 'i');

const repeat = (loadG: Grams | null, reps: number, times: number): CellSet[] | null =>
  loadG === null ? null : Array.from({ length: times }, () => ({ loadG, reps }));

function setOf(part: string, writing: Writing): CellSet[] | null {
  const at = AT.exec(part);
  if (at) return repeat(loadOf(at[3]!, writing), Number(at[2]), Number(at[1] ?? 1));
  const by = BY.exec(part);
  if (by) return repeat(loadOf(by[1]!, writing), Number(by[2]), Number(by[3] ?? 1));
  const of = OF.exec(part);
  const [load, reps] = of ? [loadOf(of[1]!, writing), repsOf(of[2]!)] : [null, null];
  return load === null || !reps ? null : reps.map((each) => ({ loadG: load, reps: each }));
}

/** The sets that one cell tells of: "60x8", "3x8 @ 60", "60x8, 60x7; 55x10"; null where it tells of none. */
export function setsOf(cell: string, writing: Writing): CellSet[] | null {
  const one = setOf(cell, writing);
  if (one) return one;
  // A comma stands between sets only where a letter or a space follows what is before it.
  const parts = cell.split(
    / ?[;|] ?|, (?=\d)|,(?=\d+(?:[.,]\d+)?(?: ?(?:kg|lbs?))? ?[x×*@])| (?=\d+(?:[.,]\d+)?[x×*]\d)/i,
  );
  const sets = parts.map((part) => setOf(part.trim(), writing));
  return sets.every((each) => each !== null) && cell !== '' ? (sets as CellSet[][]).flat() : null;
}

/** Reps left as a log says them: reserve, or effort from ten downward; null where it says nothing that counts. */
export function reserveOf(cell: string, isEffort: boolean): number | null {
  const value = numberOf(cell.replace('+', ''), cell.includes(','));
  if (value === null) return null;
  const left = Math.round(isEffort ? 10 - value : value);
  return left >= 0 && left <= 10 ? left : null;
}
