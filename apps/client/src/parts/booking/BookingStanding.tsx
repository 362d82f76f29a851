import type { Booking } from '@spalo/contract';
import type { BookingState } from '@spalo/core/planning';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { changeMany, putBooking, removeBooking } from './change-booking';

const DAY_MS = 24 * 3600 * 1000;
const words: Record<BookingState, string> = {
  booked: 'Booked',
  missed: 'Missed',
  'cancelled late': 'Cancelled late',
  'cancelled in time': 'Cancelled in time',
};
const states = Object.entries(words).map(([value, label]) => ({
  value: value as BookingState,
  label,
}));

/** What became of a booking: kept with it; and the way to take one away that was a mistake. */
export function BookingStanding({
  booking,
  following,
  now,
  onClose,
}: {
  booking: Booking;
  /** The later ones of its series. */
  following: readonly Booking[];
  now: number;
  onClose: () => void;
}) {
  const [asked, setAsked] = useState(false);
  const { state = 'booked' } = booking;
  const inTime = Date.parse(booking.startsAt) - now >= DAY_MS;
  const choose = (next: BookingState) =>
    attempt(async () => {
      await putBooking({ ...booking, state: next }, booking, words[next]);
      onClose();
    });
  const cancelAll = () =>
    attempt(async () => {
      const all = [booking, ...following];
      const off = all.map((each) => ({ ...each, state: 'cancelled in time' as const }));
      await changeMany(off, all, `${all.length} bookings cancelled`);
      onClose();
    });
  const remove = () =>
    attempt(async () => {
      await removeBooking(booking);
      onClose();
    });
  if (booking.session) return <Quiet>A session was held for it: it stays as it was.</Quiet>;
  return (
    <View className="gap-3">
      <Strong>Outcome</Strong>
      <Choice label="Outcome" options={states} value={state} wrap onChange={choose} />
      {state === 'booked' && (
        <Quiet>
          {inTime
            ? 'More than a day ahead: cancelled now, it is in time.'
            : 'Less than a day ahead: cancelled now, it is late.'}
        </Quiet>
      )}
      {following.length > 0 && (
        <Button
          kind="stop"
          label={`Cancel this and the ${following.length} that follow`}
          onPress={cancelAll}
        />
      )}
      {asked ? (
        <Button kind="stop" label="Remove it for good" onPress={remove} />
      ) : (
        <Button label="It was a mistake" onPress={() => setAsked(true)} />
      )}
    </View>
  );
}
