import { toGrams, type Unit } from '@spalo/core/unit';

const MOST = 60;
/** The masses of a run from first to last by a step, in grams; what is wrong with it otherwise, by field. */
export function runOf(
  typed: { first: string; last: string; step: string },
  unit: Unit,
): { masses: number[] } | { problems: Partial<Record<'first' | 'last' | 'step', string>> } {
  const number = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
  const [first, last, step] = [typed.first, typed.last, typed.step].map(number) as [
    number,
    number,
    number,
  ];
  const problems: Partial<Record<'first' | 'last' | 'step', string>> = {};
  if (!(first > 0)) problems.first = `A mass in ${unit}`;
  if (!(last > 0)) problems.last = `A mass in ${unit}`;
  else if (last < first) problems.last = 'Not lighter than the first';
  else if (toGrams(last, unit) > 500_000) problems.last = 'At most 500 kg';
  if (!(step > 0)) problems.step = `A step in ${unit}`;
  else if ((last - first) / step >= MOST) problems.step = `At most ${MOST} at once`;
  if (Object.keys(problems).length > 0) return { problems };
  const count = Math.floor((last - first) / step + 1e-9) + 1;
  return {
    masses: Array.from({ length: count }, (_, index) => toGrams(first + index * step, unit)),
  };
}
