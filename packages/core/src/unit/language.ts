/** The language of every sentence, with its plurals, lists, days and numbers. */
export const LANGUAGE = 'en-GB';

const plurals = new Intl.PluralRules(LANGUAGE);
const lists = new Intl.ListFormat(LANGUAGE);

/** The word for so many: `wordFor(1, 'set')` is "set", `wordFor(3, 'entry', 'entries')` is "entries". */
export const wordFor = (count: number, one: string, several = `${one}s`): string =>
  plurals.select(count) === 'one' ? one : several;

/** How many of what: "1 set", "3 sets", "2 entries". */
export const countText = (count: number, one: string, several?: string): string =>
  `${count} ${wordFor(count, one, several)}`;

/** Several as one names them: "Ada, Bo and Cy". */
export const listText = (names: readonly string[]): string => lists.format(names);

/** Words that keep their capital within a sentence. */
const proper = new Set(['Nordic', 'Romanian']);

/** A name or sentence as it stands within another: `amid('Bench press')` is "bench press", "Romanian deadlift" stays. */
export const amid = (text: string): string =>
  proper.has(text.split(' ')[0]!) ? text : text.charAt(0).toLowerCase() + text.slice(1);

const percents = new Intl.NumberFormat(LANGUAGE, { style: 'percent' });

/** A share as whole percents: `percentText(0.8)` is "80%". */
export const percentText = (share: number): string => percents.format(share);

const changes = new Intl.NumberFormat(LANGUAGE, {
  style: 'percent',
  signDisplay: 'exceptZero',
  minimumFractionDigits: 1,
  maximumFractionDigits: 1,
});

/** A change as a share with its sign, to a tenth of a percent: "+0.4%", "−0.6%", "0.0%". */
export const changeText = (share: number): string => changes.format(share).replace('-', '\u2212');
