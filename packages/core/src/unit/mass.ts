/** Mass in whole grams, so that kilograms and pounds both stay exact enough. */
export type Grams = number;

/** A unit printed on equipment and chosen for display. */
export const units = ['kg', 'lb'] as const;
export type Unit = (typeof units)[number];

/** International avoirdupois pound (1959), in grams. */
const GRAMS_PER_POUND = 453.59237;

const gramsPer: Record<Unit, number> = { kg: 1000, lb: GRAMS_PER_POUND };

/** `value` in `unit` as whole grams, rounded once per item. */
export function toGrams(value: number, unit: Unit): Grams {
  return Math.round(value * gramsPer[unit]);
}

/** A mass in `unit` as it is typed, with a point or a comma, in whole grams; null for what is no number. */
export function typedMass(text: string, unit: Unit): Grams | null {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? null : toGrams(value, unit);
}

/** Grams as a number in `unit`, not rounded. */
export function fromGrams(grams: Grams, unit: Unit): number {
  return grams / gramsPer[unit];
}

/**
 * Grams as a trainer reads them: at most two decimals, none where whole ("60", "47.5", "2.25").
 * The unit is not part of the answer.
 */
export function massNumber(grams: Grams, unit: Unit): string {
  const value = fromGrams(grams, unit);
  // A 20 kg bar with 45 lb plates is never whole in either unit; a tenth is what a glance can use.
  const quarter = Math.round(value * 4) / 4;
  const shown = Math.abs(value - quarter) < 0.006 ? quarter : Math.round(value * 10) / 10;
  return String(shown);
}

/** Grams with their unit: "47.5 kg". */
export function massText(grams: Grams, unit: Unit): string {
  return `${massNumber(grams, unit)} ${unit}`;
}
