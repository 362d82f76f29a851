import type { Account } from '@spalo/contract';
import { useMemo } from 'react';
import { useNow } from '../../design/use-now';
import { useHours } from '../../parts/booking/use-hours';
import { dayBounds } from '../../parts/time/day-time';

const MINUTE_MS = 60_000;

/** The bookings of a day, `offset` days from today, in time's order. */
export function useDay(account: Account, offset: number) {
  const minute = Math.floor(useNow(true) / MINUTE_MS) * MINUTE_MS;
  const { zone } = account.studio;
  const day = useMemo(() => dayBounds(minute, zone, offset), [minute, zone, offset]);
  return { label: day.label, ...useHours(account, day.from, day.to) };
}
