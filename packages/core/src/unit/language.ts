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
