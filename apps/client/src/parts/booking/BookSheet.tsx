import type { Account, Booking } from '@spalo/contract';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { DateField } from '../../design/DateField';
import { TextField } from '../../design/TextField';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { useBookings } from '../../state/queries';
import { clockTime, dayBounds, formDay } from '../time/day-time';
import { bookingDoubt, readBooking, type TypedBooking } from './booking-form';
import { cancelBooking, putBooking } from './change-booking';

const WEEK_MS = 7 * 24 * 3600 * 1000;
const DAYS_AHEAD = 60;

/** The way to cancel a booking, asked once more. */
function Cancel({ booking, onClose }: { booking: Booking; onClose: () => void }) {
  const [asked, setAsked] = useState(false);
  const cancel = () =>
    attempt(async () => {
      await cancelBooking(booking);
      onClose();
    });
  return asked ? (
    <Button kind="stop" label="Cancel it for good" onPress={cancel} />
  ) : (
    <Button kind="stop" label="Cancel this booking" onPress={() => setAsked(true)} />
  );
}

/** Books a client, or moves or cancels a booking; kept on the device until the server has it. */
export function BookSheet({
  clientId,
  account,
  booking,
  onClose,
}: {
  clientId: string;
  account: Account;
  /** The booking to move; none for a new one. */
  booking?: Booking;
  onClose: () => void;
}) {
  const { zone } = account.studio;
  const [now] = useState(() => Date.now());
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: others = [] } = useBookings(span.from, span.to, account.trainer.id);
  const [typed, setTyped] = useState<TypedBooking>(() =>
    booking
      ? {
          day: formDay(Date.parse(booking.startsAt), zone),
          time: clockTime(booking.startsAt, zone),
          minutes: String(booking.minutes),
        }
      : { day: formDay(now + WEEK_MS, zone), time: '09:00', minutes: '60' },
  );
  const [tried, setTried] = useState(false);
  /** What was typed when its doubt was shown: the same again is meant. */
  const [asked, setAsked] = useState<TypedBooking | null>(null);
  const read = readBooking(typed, zone);
  const body = 'booking' in read ? { clientId, ...read.booking } : null;
  const doubt = body && bookingDoubt({ id: booking?.id ?? '', ...body }, others, now);
  const asks = asked === typed ? doubt : null;
  const props = (name: keyof TypedBooking, label: string, hint?: string) => ({
    label,
    ...(hint !== undefined && { hint }),
    value: typed[name],
    onChange: (text: string) => setTyped({ ...typed, [name]: text }),
    problem: (tried && 'problems' in read && read.problems[name]) || null,
  });
  const save = () => {
    setTried(true);
    if (!body) return;
    setAsked(typed);
    if (doubt && !asks) return;
    attempt(async () => {
      await putBooking({ id: booking?.id ?? newId(), ...body }, booking ?? null);
      onClose();
    });
  };
  const verb = booking ? 'Move it' : 'Book';
  return (
    <Sheet title={booking ? 'Move or cancel' : 'Book a session'} open onClose={onClose}>
      <View className="gap-4">
        <DateField {...props('day', 'Day', 'Year, month, day: 2026-11-24')} />
        <TextField {...props('time', 'Time', '24 hours: 09:30')} max={5} />
        <TextField {...props('minutes', 'Minutes')} max={4} />
        {asks && <Banner title={asks} />}
        <Button kind="main" label={asks ? `${verb} all the same` : verb} onPress={save} />
        {booking && <Cancel booking={booking} onClose={onClose} />}
      </View>
    </Sheet>
  );
}
