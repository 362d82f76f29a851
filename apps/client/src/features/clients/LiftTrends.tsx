import { findLift } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import type { Lift } from '@spalo/core/lift';
import { inGrams } from '@spalo/core/strength';
import { massNumber, massText, nowIso, countText } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { Trend } from '../../design/Trend';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { useEvidence } from '../../state/use-evidence';
import { useTask } from '../../state/worker/use-task';
import { loadUnit } from '../../parts/words/load-words';
import { ChartsSheet } from '../../parts/files/ChartsSheet';
import { EstimateSheet } from '../../parts/estimate/EstimateSheet';

const RESERVE = 2;

/** Every lift the client has done, with its load for the usual reps as it was believed after each session. */
export function LiftTrends({ client, account }: { client: Client; account: Account }) {
  const sets = useEvidence(client);
  const [now] = useState(() => nowIso());
  const [opened, setOpened] = useState<Lift | null>(null);
  const [saving, setSaving] = useState(false);
  const { unit } = account.studio;
  const task = useMemo(() => {
    if (!sets) return null;
    const { history: _history, ...person } = client;
    return { person, sets, now };
  }, [client, sets, now]);
  const { answer: trends, again } = useTask('trends', task);
  if (sets?.length === 0) return null;
  const say = (grams: number) => massText(Math.round(grams), unit);
  const rows = Object.entries(trends ?? {}).flatMap(([liftId, points]) => {
    const lift = findLift(liftId);
    return lift ? [{ lift, points }] : [];
  });
  return (
    <Section
      title="Lifts"
      action={
        rows.length > 0 && (
          <Button
            label="Save charts"
            says={`Save the charts of ${client.name}`}
            onPress={() => setSaving(true)}
          />
        )
      }
    >
      {!trends && <LoadingState what="the trends" again={again} />}
      {rows.map(({ lift, points }) => {
        const course = points.map(({ at, load }) => ({ at: Date.parse(at), ...inGrams(load) }));
        const last = course.at(-1)!;
        const reps = lift.repRange.low;
        const text = `${say(last.mean)} for ${reps} with ${RESERVE} in reserve`;
        const range = `${say(last.low)} to ${say(last.high)}`;
        return (
          <Card
            key={lift.id}
            className="gap-1 py-3"
            onPress={() => setOpened(lift)}
            label={`${lift.name}: ${text}. Open the estimate`}
          >
            <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
              <Strong className="shrink">{lift.name}</Strong>
              <View className="flex-row items-baseline gap-1">
                <Figure>{massNumber(Math.round(last.mean), unit)}</Figure>
                <Quiet>{`${loadUnit(lift, unit)} × ${reps}`}</Quiet>
              </View>
            </View>
            <Trend
              points={course}
              says={`${countText(points.length, 'session')}, from ${say(course[0]!.mean)} to ${say(last.mean)}`}
            />
            <Quiet>{`likely ${range}`}</Quiet>
          </Card>
        );
      })}
      {saving && <ChartsSheet part="Lifts" whose={client.name} onClose={() => setSaving(false)} />}
      {trends && rows.length === 0 && <Body>No lift has been done yet.</Body>}
      {opened && (
        <EstimateSheet
          client={client}
          lift={opened}
          reps={opened.repRange.low}
          rir={RESERVE}
          account={account}
          onClose={() => setOpened(null)}
        />
      )}
    </Section>
  );
}
