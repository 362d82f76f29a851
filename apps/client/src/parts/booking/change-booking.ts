import type { Booking } from '@spalo/contract';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';

/** What is booked: who, when, how long. */
export type Booked = Pick<Booking, 'id' | 'clientId' | 'startsAt' | 'minutes'>;

const put = ({ id, clientId, startsAt, minutes }: Booked): ChangeOf<'putBooking'> => ({
  route: 'putBooking',
  args: { params: { id }, body: { clientId, startsAt, minutes } },
});
const remove = ({ id }: Booked): ChangeOf<'deleteBooking'> => ({
  route: 'deleteBooking',
  args: { params: { id } },
});

/** Books, or moves a booking, with the way back to what it was, or to none; kept on the device until the server has it. */
export const putBooking = (booked: Booked, before: Booked | null) =>
  changeWithBack(
    put(booked),
    before ? 'Booking moved' : 'Booked',
    before ? put(before) : remove(booked),
  );

export const cancelBooking = (booked: Booked) =>
  changeWithBack(remove(booked), 'Booking cancelled', put(booked));
