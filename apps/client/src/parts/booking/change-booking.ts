import type { Booking } from '@spalo/contract';
import { journal } from '../../state/device';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack, offerBack } from '../../state/changes/take-back';

/** What is booked: who, when, how long, and all that is said of it. */
export type Booked = Omit<Booking, 'session' | 'trainerId'> & Partial<Pick<Booking, 'trainerId'>>;

/** The facts of a booking as they are sent; sessions are the server's. */
const factsOf = (booked: Booked & Partial<Booking>) => {
  const { id: _id, session: _session, ...facts } = booked;
  return facts;
};

const put = (booked: Booked): ChangeOf<'putBooking'> => ({
  route: 'putBooking',
  args: { params: { id: booked.id }, body: factsOf(booked) },
});
const putMany = (all: readonly Booked[]): ChangeOf<'putBookings'> => ({
  route: 'putBookings',
  args: { body: { bookings: all.map((each) => ({ ...factsOf(each), id: each.id })) } },
});
const remove = ({ id }: Booked): ChangeOf<'deleteBooking'> => ({
  route: 'deleteBooking',
  args: { params: { id } },
});

/** What a booking was before something of it changes: what was unsaid then is unsaid again. */
const asItWas = (before: Booked): Booked => ({
  state: 'booked',
  lifts: null,
  series: null,
  arranged: null,
  ...before,
});

/** Books, or changes a booking, with the way back to what it was, or to none; kept on the device until the server has it. */
export const putBooking = (
  booked: Booked,
  before: Booked | null,
  says = before ? 'Booking moved' : 'Booked',
) => {
  // Another hour has other people in it: what this one was arranged for does not hold there.
  const moved = before !== null && before.startsAt !== booked.startsAt;
  const kept = moved ? { ...booked, arranged: null } : booked;
  return changeWithBack(put(kept), says, before ? put(asItWas(before)) : remove(booked));
};

/** As many as are sent at once. */
const PART = 120;

/** Books many at once, as a repeated booking or a file does, with the way back to none. */
export async function bookMany(booked: readonly Booked[]): Promise<void> {
  for (let from = 0; from < booked.length; from += PART)
    await journal.change(putMany(booked.slice(from, from + PART)));
  offerBack({
    says: `${booked.length} bookings made`,
    back: async () => {
      for (const each of booked) await journal.change(remove(each));
    },
  });
}

/** Changes many at once, with the way back to what they were. */
export const changeMany = (booked: readonly Booked[], before: readonly Booked[], says: string) =>
  changeWithBack(putMany(booked), says, putMany(before.map(asItWas)));

/** Takes a booking away that was a mistake. */
export const removeBooking = (booked: Booked) =>
  changeWithBack(remove(booked), 'Booking removed', put(asItWas(booked)));
