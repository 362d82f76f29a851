import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Sheet } from '../../design/Sheet';
import { journal } from '../../state/device';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { formDay, instantOf } from '../day/day-time';

const WEEK_MS = 7 * 24 * 3600 * 1000;

/** A day and a time in the studio's zone. */
export const bookingForm = (zone: string) =>
  z
    .object({ day: z.string(), time: z.string(), minutes: z.string() })
    .superRefine(({ day, time, minutes }, context) => {
      const issue = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
      if (!instantOf(day, '12:00', zone)) issue('day', 'A day as 2026-11-24');
      if (!instantOf('2026-01-01', time, zone)) issue('time', 'A time as 09:30');
      const length = Number(minutes);
      if (!Number.isInteger(length) || length < 10 || length > 240) issue('minutes', 'Between 10 and 240');
    })
    .transform(({ day, time, minutes }) => ({
      startsAt: instantOf(day, time, zone)!,
      minutes: Number(minutes),
    }));

/** Books a client; kept on the device until the server has it. */
export function BookSheet({ clientId, zone, open, onClose }: { clientId: string; zone: string; open: boolean; onClose: () => void }) {
  const schema = useMemo(() => bookingForm(zone), [zone]);
  const { control, handleSubmit } = useForm<z.input<typeof schema>, unknown, z.output<typeof schema>>({
    resolver: zodResolver(schema),
    defaultValues: { day: formDay(Date.now() + WEEK_MS, zone), time: '09:00', minutes: '60' },
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
