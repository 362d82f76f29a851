import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import { habitReason, isSettled } from '@spalo/core/warm-up';
import { whyText } from '@spalo/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Card } from '../../design/Card';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong } from '../../design/Words';
import { PastWarmUps } from '../../parts/warm-up/PastWarmUps';
import { rampWords, verdictWords } from '../../parts/words/ramp-words';

/** What was learned of a client's warm-ups, lift by lift; a tap opens what was really done. */
export function WarmUpHabits({ client, account }: { client: Client; account: Account }) {
  const [opened, setOpened] = useState<string | null>(null);
  const rows = Object.entries(client.history.lifts).flatMap(([liftId, { warmUps, habit }]) => {
    const lift = findLift(liftId);
    const told = warmUps.some((record) => record.sets.length > 0 || record.verdict);
    return lift && told ? [{ lift, records: warmUps, habit }] : [];
  });
  if (rows.length === 0) return null;
  const shown = rows.find(({ lift }) => lift.id === opened);
  return (
    <Section title="Warm-ups">
      {rows.map(({ lift, records, habit }) => {
        const [last] = records;
        const reason = habitReason(habit);
        const next = reason
          ? `Next time ${amid(whyText(reason, account.studio.unit))}`
          : isSettled(habit)
            ? 'Settled: the same ramp from now on'
            : 'Next time the same ramp';
        return (
          <Card
            key={lift.id}
            onPress={() => setOpened(lift.id)}
            label={`Warm-ups of ${lift.name}`}
            className="gap-0.5 px-4 py-2"
          >
            <Strong>{lift.name}</Strong>
            <Quiet>
              {[
                habit.kind
                  ? `${rampWords[habit.kind].name}, chosen`
                  : last
                    ? rampWords[last.ramp].name
                    : '',
                last?.verdict ? `last time ${verdictWords[last.verdict]}` : '',
                next,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Quiet>
          </Card>
        );
      })}
      {shown && (
        <Sheet title={`Warm-ups of ${shown.lift.name}`} open onClose={() => setOpened(null)}>
          <View>
            <PastWarmUps
              records={shown.records}
              unit={account.studio.unit}
              zone={account.studio.zone}
            />
          </View>
        </Sheet>
      )}
    </Section>
  );
}
