import type { Want } from '@spalo/core';
import type { HourRow } from './use-hours';

/** What the sessions of some bookings want of their room. */
export const wantsOf = (rows: readonly HourRow[]): Want[] =>
  rows.flatMap(({ booking, draft }) =>
    (draft?.lifts ?? []).map(({ liftId, implement, loadG }) => ({
      bookingId: booking.id,
      liftId,
      implement,
      loadG,
    })),
  );
