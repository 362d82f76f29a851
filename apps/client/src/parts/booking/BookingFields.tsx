import type { Account } from '@spalo/contract';
import { View } from 'react-native';
import { ChoiceField } from '../../design/ChoiceField';
import { DateField } from '../../design/DateField';
import { TextField } from '../../design/TextField';
import { useRooms, useTrainers } from '../../state/queries';
import type { TypedBooking } from './booking-form';
import type { BookingForm } from './use-booking-form';

const HERE = '';

/** When, how long, with whom and where. What there is one of is not asked for. */
export function BookingFields({ form, account }: { form: BookingForm; account: Account }) {
  const { data: trainers = [] } = useTrainers();
  const { data: rooms = [] } = useRooms();
  const { typed, setTyped, problems } = form;
  const props = (name: keyof TypedBooking, label: string, hint?: string) => ({
    label,
    ...(hint !== undefined && { hint }),
    value: typed[name],
    onChange: (text: string) => setTyped({ ...typed, [name]: text }),
    problem: problems[name] ?? null,
  });
  const here = trainers.filter(({ standing, id }) => standing !== 'left' || id === form.trainerId);
  return (
    <View className="gap-4">
      <DateField {...props('day', 'Day')} />
      <View className="flex-row gap-3">
        <View className="min-w-0 flex-1">
          <TextField {...props('time', 'Time', '24 hours: 09:30')} max={5} />
        </View>
        <View className="min-w-0 flex-1">
          <TextField {...props('minutes', 'Minutes')} max={4} />
        </View>
      </View>
      {here.length > 1 && (
        <ChoiceField
          label="Trainer"
          options={here.map(({ id, name }) => ({
            value: id,
            label: id === account.trainer.id ? 'You' : name,
          }))}
          value={form.trainerId}
          wrap
          onChange={form.setTrainer}
        />
      )}
      {rooms.length > 1 && (
        <ChoiceField
          label="Room"
          options={[
            { value: HERE, label: 'The room at hand' },
            ...rooms.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={form.roomId ?? HERE}
          wrap
          onChange={(id) => form.setRoom(id === HERE ? null : id)}
        />
      )}
    </View>
  );
}
