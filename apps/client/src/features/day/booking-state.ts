import type { Booking } from '@spalo/contract';
import { isExpected } from '@spalo/core/planning';

/** Where a booking stands. */
type Standing = 'to come' | 'on the floor' | 'done' | 'off';

export function stateOf(booking: Booking): Standing {
  if (!booking.session) return isExpected(booking) ? 'to come' : 'off';
  return booking.session.finished ? 'done' : 'on the floor';
}
