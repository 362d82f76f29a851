import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { View } from 'react-native';
import { Section } from '../../design/Section';
import { Figure, Quiet } from '../../design/Words';
import { useNow } from '../../design/use-now';
import { shortDate } from '../../parts/time/day-time';
import { loadReps } from '../../parts/words/load-words';
import type { Importing } from './use-import';

/** The first sets as they would be brought in. */
export function FirstSets({ importing, account }: { importing: Importing; account: Account }) {
  const now = useNow(false);
  const { view, meant } = importing;
  if (!view || !meant || view.first.length === 0) return null;
  return (
    <Section title="The first of them">
      <View>
        {view.first.slice(0, 12).map(({ row, day, lift, loadG, reps }, at) => {
          const liftId = meant.liftOf[lift];
          return (
            <View key={at} className="flex-row items-baseline gap-3 border-b border-line py-1">
              <Quiet className="w-24">{shortDate(`${day}T12:00:00.000Z`, 'UTC', now)}</Quiet>
              <Figure className="w-28 text-lead">
                {loadReps(loadG, reps, account.studio.unit)}
              </Figure>
              <Quiet className="min-w-0 flex-1 text-ink">
                {liftId ? (findLift(liftId)?.name ?? lift) : `${lift}, left out`}
              </Quiet>
              <Quiet>{`row ${row}`}</Quiet>
            </View>
          );
        })}
      </View>
    </Section>
  );
}
