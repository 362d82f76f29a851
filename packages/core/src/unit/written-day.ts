/** Which of two numbers is the day, where a day is written in three numbers. */
export type WrittenOrder = 'day first' | 'month first';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const EARLIEST = 1900;
const LATEST = 2100;

const two = (part: number) => String(part).padStart(2, '0');

/** A day as 2026-11-24; null where there is none such. Years of two digits are of this century. */
export function dayFrom(year: number, month: number, day: number): string | null {
  const whole = year < 100 ? 2000 + year : year;
  const date = new Date(Date.UTC(whole, month - 1, day));
  const is = date.getUTCFullYear() === whole && date.getUTCMonth() === month - 1;
  if (!is || date.getUTCDate() !== day || whole < EARLIEST || whole > LATEST) return null;
  return `${whole}-${two(month)}-${two(day)}`;
}

/** A day with its month in letters: "3 May 2025", "May 3, 2025", "03-May-25", also behind a weekday; else null. */
export function letteredDay(text: string): string | null {
  const words = text.toLowerCase().match(/[a-z]+|\d+/g) ?? [];
  const month = words.map((word) => MONTHS.indexOf(word.slice(0, 3))).find((at) => at >= 0);
  const numbers = words.filter((word) => /^\d+$/.test(word)).map(Number);
  if (month === undefined || numbers.length < 2) return null;
  const [first, second] = numbers as [number, number];
  return first > 31 ? dayFrom(first, month + 1, second) : dayFrom(second, month + 1, first);
}

/**
 * The day that people type, as 2026-11-24; null where it is none, or not whole yet. "2026-11-24", "20261124", "24 Nov 2026",
 * "24.11.2026" and, in the order of whoever types, "24/11/2026". A year of two digits that lies behind `latest` (a day) is
 * of the century before.
 */
export function writtenDay(text: string, order: WrittenOrder, latest?: string): string | null {
  const written = text.trim();
  const day =
    wholeYear(written) ??
    (/[a-z]{3}/i.test(written) ? letteredDay(written) : threeNumbers(written, order));
  const short = !/\d{4}/.test(written);
  if (day === null || !short || latest === undefined || day <= latest) return day;
  const [year, month, dayOfMonth] = day.split('-').map(Number) as [number, number, number];
  return dayFrom(year - 100, month, dayOfMonth);
}

function wholeYear(text: string): string | null {
  const parts = /^(\d{4})[-./ ]?(\d{2})[-./ ]?(\d{2})$/.exec(text);
  return parts && dayFrom(Number(parts[1]), Number(parts[2]), Number(parts[3]));
}

function threeNumbers(text: string, order: WrittenOrder): string | null {
  const parts = /^(\d{1,2})([./-]) ?(\d{1,2})[./-] ?(\d{2}|\d{4})$/.exec(text);
  if (!parts) return null;
  const [first, second, year] = [parts[1], parts[3], parts[4]].map(Number) as [
    number,
    number,
    number,
  ];
  // With points between them the day comes first, whoever writes.
  return order === 'day first' || parts[2] === '.'
    ? dayFrom(year, second, first)
    : dayFrom(year, first, second);
}
