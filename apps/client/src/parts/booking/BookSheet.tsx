import { zodResolver } from '@hookform/resolvers/zod';
import type { Account, Booking } from '@spalo/contract';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Sheet } from '../../design/Sheet';
import { journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { useBookings } from '../../state/queries';
import { clockTime, dayBounds, formDay } from '../time/day-time';
import { bookingDoubt, bookingForm } from './booking-form';

const WEEK_MS = 7 * 24 * 3600 * 1000;
const DAYS_AHEAD = 60;

/** The way to cancel a booking, asked once more. */
function Cancel({ booking, onClose }: { booking: Booking; onClose: () => void }) {
  const [asked, setAsked] = useState(false);
  const cancel = () =>
    attempt(async () => {
      await journal.change({ route: 'deleteBooking', args: { params: { id: booking.id } } });
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
  const schema = useMemo(() => bookingForm(zone), [zone]);
  const [now] = useState(() => Date.now());
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: others = [] } = useBookings(span.from, span.to, account.trainer.id);
  const [doubt, setDoubt] = useState<{ text: string; of: string } | null>(null);
  const { control, handleSubmit } = useForm<
    z.input<typeof schema>,
    unknown,
    z.output<typeof schema>
  >({
    resolver: zodResolver(schema),
    defaultValues: booking
      ? {
          day: formDay(Date.parse(booking.startsAt), zone),
          time: clockTime(booking.startsAt, zone),
          minutes: String(booking.minutes),
        }
      : { day: formDay(now + WEEK_MS, zone), time: '09:00', minutes: '60' },
    mode: 'onTouched',
  });
  const save = (body: z.output<typeof schema>) => {
    const wanted = { id: booking?.id ?? '', clientId, ...body };
    const text = bookingDoubt(wanted, others, now);
    // Asked once for what is typed: the same again is meant.
    if (text && doubt?.of !== JSON.stringify(wanted)) {
      setDoubt({ text, of: JSON.stringify(wanted) });
      return;
    }
    attempt(async () => {
      const args = { params: { id: booking?.id ?? newId() }, body: { clientId, ...body } };
      await journal.change({ route: 'putBooking', args });
      onClose();
    });
  };
  const verb = booking ? 'Move it' : 'Book';
  return (
    <Sheet title={booking ? 'Move or cancel' : 'Book a session'} open onClose={onClose}>
      <View className="gap-4">
        <Field control={control} name="day" label="Day" hint="Year, month, day: 2026-11-24" />
        <Field control={control} name="time" label="Time" hint="24 hours: 09:30" />
        <Field control={control} name="minutes" label="Minutes" inputMode="numeric" />
        {doubt && <Banner title={doubt.text} />}
        <Button
          kind="main"
          label={doubt ? `${verb} all the same` : verb}
          onPress={handleSubmit(save)}
        />
        {booking && <Cancel booking={booking} onClose={onClose} />}
      </View>
    </Sheet>
  );
}
