import { amountText, type HeldCount, type Lift } from '@spalo/core/lift';
import { massNumber, type Grams, type Unit } from '@spalo/core/unit';

/** "kg", or "kg each" for a pair of dumbbells. */
export function loadUnit(lift: Pick<Lift, 'implement'>, unit: Unit): string {
  return lift.implement === 'dumbbell pair' ? `${unit} each` : unit;
}

/** A load and reps as they are said: "60 × 8"; of what is held or carried "30 s", "14 · 40 m". */
export function loadReps(loadG: Grams, reps: number, unit: Unit, counted?: HeldCount): string {
  if (!counted) return `${massNumber(loadG, unit)} × ${reps}`;
  const amount = amountText(reps, counted);
  return loadG === 0 ? amount : `${massNumber(loadG, unit)} · ${amount}`;
}

/** What follows a load where the two stand apart: "× 8", "30 s". */
export const amountAfter = (reps: number, counted?: HeldCount): string =>
  counted ? amountText(reps, counted) : `× ${reps}`;

/** The main button: it names what will be stored. */
export function logLabel(
  result: { loadG: Grams; reps: number; cleanReps: number },
  unit: Unit,
  counted?: HeldCount,
): string {
  if (counted) return `Log ${loadReps(result.loadG, result.reps, unit, counted)}`;
  const load = massNumber(result.loadG, unit);
  return result.cleanReps === result.reps
    ? `Log ${load} × ${result.reps}`
    : `Log ${load} × ${result.cleanReps} clean of ${result.reps}`;
}

export const rirText = (rir: number | null) =>
  rir === null ? '' : `${rir === 0 ? 'none' : rir >= 4 ? '4 or more' : rir} in reserve`;
