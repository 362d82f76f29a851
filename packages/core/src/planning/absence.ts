/** Share of the last load with which a lift is found again after a long time, and how far it falls in a year. */
const FOUND_FROM = 0.7;
const FOUND_FROM_LEAST = 0.5;
const LONG = 60;
const YEAR = 365;

/**
 * Share of the last load to start with after `days` without the lift: the longer, the less. Up to 10 days none, 11–20
 * −5 %, 21–35 −12.5 %, 36–60 −22.5 % (the middles of the product's bands); after more the lift is found again from
 * below, from −30 % on down to half after a year.
 */
export function absenceShare(days: number): number {
  if (days <= 10) return 1;
  if (days <= 20) return 0.95;
  if (days <= 35) return 0.875;
  if (days <= LONG) return 0.775;
  const gone = Math.min(1, (days - LONG) / (YEAR - LONG));
  return FOUND_FROM - (FOUND_FROM - FOUND_FROM_LEAST) * gone;
}

/** Whether a lift was left for so long that it is found again by a short climb. */
export const isFoundAgain = (days: number): boolean => days > LONG;
