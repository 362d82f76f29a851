import type { Account, Client } from '@spalo/contract';
import { isUnlikelyMass, massText, typedMass } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { Figure, Quiet } from '../../design/Words';
import { journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { overlayMeasurements } from '../../state/resources/measurements';
import { useWaitingChanges } from '../../state/use-journal';
import { UnlikelyMass } from '../../parts/client/UnlikelyMass';
import { formDay, shortDate } from '../../parts/time/day-time';

/** Body mass with its days, and the other measures that are known. */
export function Measurements({ client, account }: { client: Client; account: Account }) {
  const { unit, zone } = account.studio;
  const now = useNow(false);
  const [mass, setMass] = useState('');
  const [today] = useState(() => formDay(Date.now(), zone));
  const [day, setDay] = useState(today);
  const [tried, setTried] = useState(false);
  const bodyMassG = typedMass(mass, unit) ?? 0;
  const massWrong = !(bodyMassG >= 25_000 && bodyMassG <= 300_000);
  const dayWrong = !/^\d{4}-\d{2}-\d{2}$/.test(day) || day > today;
  const unlikely = isUnlikelyMass(bodyMassG, client.bodyMassG);
  const save = (sure: number | null) => {
    setTried(true);
    if (massWrong || dayWrong || (unlikely && sure !== bodyMassG)) return;
    attempt(async () => {
      await journal.change({
        route: 'putMeasurement',
        args: { params: { id: client.id, measurementId: newId() }, body: { day, bodyMassG } },
      });
      setMass('');
      setTried(false);
    });
  };
  const { segments } = client;
  const waiting = useWaitingChanges();
  const measurements = overlayMeasurements(client.measurements, waiting, client.id);
  return (
    <Section title="Measurements">
      {measurements.toReversed().map((each) => (
        <View
          key={each.id}
          className="flex-row items-baseline justify-between border-b-2 border-line pb-1"
        >
          <Figure>{massText(each.bodyMassG, unit)}</Figure>
          <Quiet>{shortDate(`${each.day}T12:00:00.000Z`, 'UTC', now)}</Quiet>
        </View>
      ))}
      {client.heightMm !== null && <Quiet>{`Height ${client.heightMm / 10} cm`}</Quiet>}
      {segments && (
        <Quiet>
          {`Hip to knee ${segments.thighMm / 10}, knee to floor ${segments.shinMm / 10}, hip to shoulder ${segments.trunkMm / 10}, arm ${segments.armMm / 10} cm`}
        </Quiet>
      )}
      {client.squatLook && <Quiet>{`Body-weight squat: ${client.squatLook}`}</Quiet>}
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label={`Body mass, ${unit}`}
            value={mass}
            onChange={setMass}
            max={6}
            inputMode="decimal"
            problem={
              tried && massWrong
                ? unit === 'kg'
                  ? 'Between 25 and 300 kg'
                  : 'Between 56 and 661 lb'
                : null
            }
          />
        </View>
        <View className="flex-1">
          <TextField
            label="On"
            value={day}
            onChange={setDay}
            max={10}
            problem={tried && dayWrong ? 'A day up to today, as 2026-11-24' : null}
          />
        </View>
      </View>
      {tried && !massWrong && !dayWrong && unlikely ? (
        <UnlikelyMass
          massG={bodyMassG}
          beforeG={client.bodyMassG}
          unit={unit}
          onYes={() => save(bodyMassG)}
        />
      ) : (
        <Button label="Keep the measurement" onPress={() => save(null)} />
      )}
    </Section>
  );
}
