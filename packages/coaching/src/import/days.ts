import { dayFrom, dayIn, letteredDay } from '@spalo/core/unit';
import { writtenOutDay } from './months';

/** How a file writes its days. Those with a month in letters are told by themselves. */
export const dayOrders = ['year first', 'day first', 'month first', 'serial'] as const;
export type DayOrder = (typeof dayOrders)[number];

const DAY_MS = 24 * 3600 * 1000;
/** Spreadsheets count days from here. */
const SERIAL_FROM = Date.UTC(1899, 11, 30);
const SERIALS = { from: 20_000, to: 80_000 };

/** The day that a cell names, by how the file writes them; null where it names none. A time behind it is passed over. */
export function dayOf(cell: string, order: DayOrder): string | null {
  if (/\p{L}{3}/iu.test(cell.replace(/^[a-z]+,?\s/i, (word) => word))) {
    const found = letteredDay(cell) ?? writtenOutDay(cell);
    if (found) return found;
  }
  if (order === 'serial') {
    const serial = /^\d{5}(?:[.,]\d+)?$/.test(cell)
      ? Math.floor(Number(cell.replace(',', '.')))
      : 0;
    if (serial < SERIALS.from || serial > SERIALS.to) return null;
    return dayIn(SERIAL_FROM + serial * DAY_MS, 'UTC');
  }
  const parts = /^(?:[a-z]+\.?,? )?(\d{1,4})[./-] ?(\d{1,2})[./-] ?(\d{1,4})(?:[T ,].*)?$/i.exec(
    cell,
  );
  if (!parts) return null;
  const [a, b, c] = parts.slice(1).map(Number) as [number, number, number];
  const yearFirst = parts[1]!.length === 4;
  if (yearFirst !== (order === 'year first')) return null;
  if (yearFirst) return dayFrom(a, b, c);
  return order === 'day first' ? dayFrom(c, b, a) : dayFrom(c, a, b);
}

/** How often a day lies before the one above it: records are kept from old to new, or from new to old. */
function turns(days: readonly string[]): number {
  const steps = days.slice(1).map((day, at) => Math.sign(day.localeCompare(days[at]!)));
  const [up, down] = [1, -1].map((way) => steps.filter((step) => step === way).length);
  return Math.min(up!, down!);
}

/** How a file most likely writes its days; `sure` is false where it reads as well in another way. */
export function guessOrder(cells: readonly string[]): { order: DayOrder; sure: boolean } {
  const filled = cells.filter((cell) => cell !== '').slice(0, 3000);
  const judged = dayOrders.map((order) => {
    const days = filled.flatMap((cell) => dayOf(cell, order) ?? []);
    return { order, read: days.length, turns: turns(days) };
  });
  const best = judged.reduce((kept, each) =>
    each.read > kept.read || (each.read === kept.read && each.turns < kept.turns) ? each : kept,
  );
  const rival = judged.find(
    (each) => each !== best && each.read === best.read && each.turns === best.turns,
  );
  // Days with months in letters read the same in every way.
  const other = filled.some(
    (cell) => rival && dayOf(cell, best.order) !== dayOf(cell, rival.order),
  );
  return { order: best.order, sure: !other };
}
