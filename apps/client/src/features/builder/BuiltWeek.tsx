import { noWishes } from '@spalo/core/person';
import type { SessionLift } from '@spalo/core/planning';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Section } from '../../design/Section';
import { WeekBeads } from '../../parts/week/WeekBeads';
import { WeekMoves } from '../../parts/week/WeekMoves';
import { coverOfLifts, weekOf } from '../../parts/week/week-of';
import type { Almanac } from '../../parts/time/day-time';
import type { KnownClient } from '../../state/resources/known-client';

/** The client's week with what this session would add. */
export function BuiltWeek({
  client,
  lifts,
  atMs,
  almanac,
}: {
  client: KnownClient;
  lifts: readonly SessionLift[];
  atMs: number;
  almanac: Almanac;
}) {
  const week = useMemo(() => weekOf(client, atMs, almanac), [client, atMs, almanac]);
  const planned = useMemo(() => coverOfLifts(lifts), [lifts]);
  return (
    <Section title="Their week with it">
      <View className="gap-4">
        <WeekMoves done={week.cover} planned={planned} />
        <WeekBeads
          done={week.cover}
          planned={planned}
          focus={(client.wishes ?? noWishes).focus}
          low={week.low}
          high={week.high}
        />
      </View>
    </Section>
  );
}
