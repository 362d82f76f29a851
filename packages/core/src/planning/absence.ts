/**
 * Share of the last load to start with after `days` without the lift; null when it must be found anew.
 * Middle of each band of the product's rule: up to 10 days none, 11–20 −5 %, 21–35 −12.5 %, 36–60 −22.5 %.
 */
export function absenceShare(days: number): number | null {
  if (days <= 10) return 1;
  if (days <= 20) return 0.95;
  if (days <= 35) return 0.875;
  return days <= 60 ? 0.775 : null;
}
