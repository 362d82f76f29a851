import { dayPlus } from '@spalo/core/unit';
import type { DoneSets } from '@spalo/core/builder';
import { View } from 'react-native';
import { Quiet } from '../../design/Words';

const weekdays = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
/** Sets of big lifts from which a day is a hard one. */
const HARD = 6;
/** How high a day can rise, rem. */
const HIGHEST = 3;

/** The days of a week that begins on the day `from`. */
const namesFrom = (from: string): string[] => {
  const first = new Date(`${from}T12:00:00Z`).getUTCDay();
  return weekdays.map((_, at) => weekdays[(first + at) % 7]!);
};

/** Sets of big lifts on each day of a week that begins on the day `from` (2026-11-23). */
const bigSets = (done: readonly DoneSets[], from: string): number[] =>
  weekdays.map((_, at) => {
    const day = dayPlus(from, at);
    return done
      .filter((each) => each.day === day && each.lift.restClass !== 'small')
      .reduce((sum, { sets }) => sum + sets, 0);
  });

/** The week's days as ground: how hard each was, and where two hard ones stand side by side. */
export function HardDays({ done, from }: { done: readonly DoneSets[]; from: string }) {
  const names = namesFrom(from);
  const days = bigSets(done, from);
  const most = Math.max(HARD, ...days);
  const tight = names.filter((_, at) => at > 0 && days[at]! >= HARD && days[at - 1]! >= HARD);
  const says = names
    .map((name, at) => (days[at]! > 0 ? `${name} ${days[at]} sets of big lifts` : null))
    .filter((each) => each !== null);
  return (
    <View className="gap-1">
      <View
        className="flex-row items-end gap-1"
        role="img"
        aria-label={says.length > 0 ? says.join(', ') : 'No big lifts yet this week'}
      >
        {names.map((name, at) => (
          <View key={name} className="flex-1 items-center">
            {days[at]! > 0 && <Quiet className="text-ink">{days[at]}</Quiet>}
            <View
              className={`w-full border-b-[3px] border-ink ${days[at]! >= HARD ? 'bg-moss' : 'bg-warm-up'}`}
              style={{ height: `${(days[at]! / most) * HIGHEST}rem` as unknown as number }}
            />
            <Quiet>{name}</Quiet>
          </View>
        ))}
      </View>
      {tight.length > 0 && (
        <Quiet className="text-ink">{`Two hard days in a row, up to ${tight.join(', ')}.`}</Quiet>
      )}
    </View>
  );
}
