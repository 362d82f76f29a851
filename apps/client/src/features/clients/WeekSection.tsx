import { noWishes } from '@spalo/core/person';
import { coverOfWeek } from '@spalo/core/builder';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Section } from '../../design/Section';
import { useNow } from '../../design/use-now';
import { Quiet } from '../../design/Words';
import { HardDays } from '../../parts/week/HardDays';
import { WeekBeads } from '../../parts/week/WeekBeads';
import { WeekMoves } from '../../parts/week/WeekMoves';
import { weekOf } from '../../parts/week/week-of';
import type { Almanac } from '../../parts/time/day-time';
import type { KnownClient } from '../../state/resources/known-client';

const WEEK_MS = 7 * 24 * 3600 * 1000;
const nothing = coverOfWeek([]);
const names = ['This week', 'Last week'];

/** A client's week at a glance: movements, hard days, and muscles from short to long. */
export function WeekSection({ client, almanac }: { client: KnownClient; almanac: Almanac }) {
  const now = useNow(false);
  const [back, setBack] = useState(0);
  const week = useMemo(
    () => weekOf(client, now - back * WEEK_MS, almanac),
    [client, now, back, almanac],
  );
  return (
    <Section
      title={names[back] ?? `${back} weeks ago`}
      action={
        <View className="flex-row gap-2">
          <IconButton icon="back" label="Week before" onPress={() => setBack(back + 1)} />
          {back > 0 && (
            <IconButton icon="forward" label="Week after" onPress={() => setBack(back - 1)} />
          )}
        </View>
      }
    >
      {week.done.length === 0 && <Quiet>No session finished in it.</Quiet>}
      <HardDays done={week.done} from={week.from} />
      <WeekMoves done={week.cover} planned={nothing} />
      <WeekBeads
        done={week.cover}
        planned={nothing}
        focus={(client.wishes ?? noWishes).focus}
        low={week.low}
        high={week.high}
      />
    </Section>
  );
}
