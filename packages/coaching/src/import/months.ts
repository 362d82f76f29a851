import { dayFrom } from '@spalo/core/unit';
import { plainText } from './plain-text';

/** Months by how their names begin in English, German, Spanish, French, Italian, Portuguese and Dutch. */
const beginnings: readonly (readonly string[])[] = [
  ['jan', 'ene', 'gen'],
  ['feb', 'fev'],
  ['mar', 'maa', 'mrz'],
  ['apr', 'abr', 'avr'],
  ['may', 'mai', 'mag', 'mei'],
  ['jun', 'jui', 'giu'],
  ['jul', 'lug'],
  ['aug', 'ago', 'aou'],
  ['sep', 'set'],
  ['oct', 'okt', 'ott', 'out'],
  ['nov'],
  ['dec', 'dez', 'dic'],
];

function monthOf(word: string): number | null {
  // The French June and July begin alike.
  if (word.startsWith('juil')) return 7;
  const at = beginnings.findIndex((all) => all.some((start) => word.startsWith(start)));
  return at < 0 ? null : at + 1;
}

/** The day of a text with its month in letters, "3 de marzo de 2025", "mar. 4 mars 25"; null where it has none. */
export function writtenOutDay(text: string): string | null {
  const words = plainText(text).match(/[a-z]{3,}/g) ?? [];
  // A weekday may begin as a month does, and stands before it.
  const month = words.flatMap((word) => monthOf(word) ?? []).at(-1);
  const [one, other] = text.match(/\d+/g) ?? [];
  if (month === undefined || one === undefined || other === undefined) return null;
  const [day, year] = one.length === 4 ? [other, one] : [one, other];
  if (year.length !== 4 && year.length !== 2) return null;
  return dayFrom(Number(year), month, Number(day));
}
