import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { Stepper } from '../../design/Stepper';
import { Quiet, Strong } from '../../design/Words';
import { isDay, shortDate } from '../time/day-time';
import { weekdayOf, weekdays } from './repeat';
import type { BookingForm } from './use-booking-form';

const ways = [
  { value: 0, label: 'Once' },
  { value: 1, label: 'Every week' },
  { value: 2, label: 'Every other week' },
] as const;
const MOST = 104;
const USUAL = 12;

/** Whether a booking is repeated, on which days, and how often; and what that comes to. */
export function RepeatFields({ form, zone }: { form: BookingForm; zone: string }) {
  const { repeat, setRepeat, times, typed, now } = form;
  const choose = (every: 0 | 1 | 2) => {
    if (every === 0) setRepeat(null);
    else {
      const days = repeat?.days ?? (isDay(typed.day) ? [weekdayOf(typed.day)] : [0]);
      setRepeat({ every, days, count: repeat?.count ?? USUAL });
    }
  };
  const toggle = (day: number) => {
    if (!repeat) return;
    const days = repeat.days.includes(day)
      ? repeat.days.filter((each) => each !== day)
      : [...repeat.days, day].sort((a, b) => a - b);
    if (days.length > 0) setRepeat({ ...repeat, days });
  };
  const [first, last] = [times?.startsAt[0], times?.startsAt.at(-1)];
  return (
    <View className="gap-3">
      <Strong>How often</Strong>
      <Choice label="How often" options={ways} value={repeat?.every ?? 0} wrap onChange={choose} />
      {repeat && (
        <>
          <View className="flex-row flex-wrap gap-2" role="group" aria-label="Days of the week">
            {weekdays.map((name, day) => (
              <Chip
                key={name}
                label={name}
                look={repeat.days.includes(day) ? 'taken' : 'plain'}
                pressed={repeat.days.includes(day)}
                onPress={() => toggle(day)}
              />
            ))}
          </View>
          <Stepper
            label="Bookings in all"
            value={String(repeat.count)}
            less={repeat.count > 2 ? () => setRepeat({ ...repeat, count: repeat.count - 1 }) : null}
            more={
              repeat.count < MOST ? () => setRepeat({ ...repeat, count: repeat.count + 1 }) : null
            }
          />
          {first && last && (
            <Quiet>{`From ${shortDate(first, zone, now)} to ${shortDate(last, zone, now)}`}</Quiet>
          )}
        </>
      )}
    </View>
  );
}
