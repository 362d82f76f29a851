import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Sheet } from '../../design/Sheet';
import { journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { formDay } from '../../parts/time/day-time';
import { bookingForm } from './booking-form';

const WEEK_MS = 7 * 24 * 3600 * 1000;

/** Books a client; kept on the device until the server has it. */
export function BookSheet({
  clientId,
  zone,
  open,
  onClose,
}: {
  clientId: string;
  zone: string;
  open: boolean;
  onClose: () => void;
}) {
  const schema = useMemo(() => bookingForm(zone), [zone]);
  const [day] = useState(() => formDay(Date.now() + WEEK_MS, zone));
  const { control, handleSubmit } = useForm<
    z.input<typeof schema>,
    unknown,
    z.output<typeof schema>
  >({
    resolver: zodResolver(schema),
    defaultValues: { day, time: '09:00', minutes: '60' },
    mode: 'onTouched',
  });
  const save = (body: z.output<typeof schema>) =>
    attempt(async () => {
      const args = { params: { id: newId() }, body: { clientId, ...body } };
      await journal.change({ route: 'putBooking', args });
      onClose();
    });
  return (
    <Sheet title="Book a session" open={open} onClose={onClose}>
      <View className="gap-4">
        <Field control={control} name="day" label="Day" hint="Year, month, day: 2026-11-24" />
        <Field control={control} name="time" label="Time" hint="24 hours: 09:30" />
        <Field control={control} name="minutes" label="Minutes" inputMode="numeric" />
        <Button kind="main" label="Book" onPress={handleSubmit(save)} />
      </View>
    </Sheet>
  );
}
