import type { Account, Booking } from '@spalo/contract';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Quiet } from '../../design/Words';
import { attempt } from '../../state/problems';
import { formDay } from '../time/day-time';
import { BookingFields } from './BookingFields';
import { BookingStanding } from './BookingStanding';
import { bookMany, changeMany, putBooking } from './change-booking';
import { movedAlike, ruleText } from './repeat';
import { RepeatFields } from './RepeatFields';
import { useBookingForm, type Begin, type BookingForm } from './use-booking-form';

/** The later bookings of a series that still stand. */
const followingOf = (booking: Booking | undefined, all: readonly Booking[]): Booking[] =>
  booking?.series
    ? all.filter(
        ({ id, series, startsAt, session, state = 'booked' }) =>
          id !== booking.id &&
          series?.id === booking.series!.id &&
          startsAt > booking.startsAt &&
          session === null &&
          state === 'booked',
      )
    : [];

/** A series with all that follows changed as one of it was. */
function alike(booking: Booking, form: BookingForm, following: readonly Booking[], zone: string) {
  const [wanted] = form.wanted;
  const dayOf = (iso: string) => formDay(Date.parse(iso), zone);
  const from = { day: dayOf(booking.startsAt) };
  return following.map((each) => ({
    ...each,
    minutes: wanted!.minutes,
    trainerId: form.trainerId,
    roomId: form.roomId,
    startsAt: movedAlike(each.startsAt, from, form.typed, zone, dayOf),
  }));
}

/** Books a client, once or repeated; or moves a booking, says what became of it, or takes it away. */
export function BookingSheet({
  clientId,
  account,
  onClose,
  ...begin
}: Begin & { clientId: string; account: Account; onClose: () => void }) {
  const { booking } = begin;
  const { zone } = account.studio;
  const form = useBookingForm(clientId, account, begin);
  const following = followingOf(booking, form.others);
  const save = (act: () => Promise<unknown>) => () => {
    if (!form.isMeant()) return;
    attempt(async () => {
      await act();
      onClose();
    });
  };
  const [wanted] = form.wanted;
  const moveOne = save(() => putBooking(wanted!, booking ?? null));
  const moveAll = save(() =>
    changeMany(
      [wanted!, ...alike(booking!, form, following, zone)],
      [booking!, ...following],
      `${following.length + 1} bookings moved`,
    ),
  );
  const book = save(() =>
    form.wanted.length === 1 ? putBooking(wanted!, null) : bookMany(form.wanted),
  );
  const count = form.wanted.length;
  const verb = booking ? 'Move it' : count > 1 ? `Book all ${count}` : 'Book';
  return (
    <Sheet title={booking ? 'Booking' : 'Book a session'} open onClose={onClose}>
      <View className="gap-4">
        {booking?.series && <Quiet>{`One of a series: ${ruleText(booking.series.rule)}`}</Quiet>}
        <BookingFields form={form} account={account} />
        {!booking && <RepeatFields form={form} zone={zone} />}
        {form.asks && <Banner title={form.asks} />}
        <Button
          kind="main"
          label={form.asks ? `${verb} all the same` : verb}
          onPress={booking ? moveOne : book}
        />
        {following.length > 0 && (
          <Button label={`Move it and the ${following.length} that follow`} onPress={moveAll} />
        )}
        {booking && (
          <BookingStanding
            booking={booking}
            following={following}
            now={form.now}
            onClose={onClose}
          />
        )}
      </View>
    </Sheet>
  );
}
