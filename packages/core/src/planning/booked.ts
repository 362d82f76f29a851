/** What became of a booking. Cancelled late or in time: whether another could still have come instead. */
export const bookingStates = ['booked', 'missed', 'cancelled late', 'cancelled in time'] as const;
export type BookingState = (typeof bookingStates)[number];

/** Whether somebody is expected. Absent: booked, as all were before there was more to say. */
export const isExpected = ({ state = 'booked' }: { state?: BookingState | undefined }): boolean =>
  state === 'booked';

/** A lift of a session that was built for a booking. */
export interface SessionLift {
  liftId: string;
  sets: number;
}
