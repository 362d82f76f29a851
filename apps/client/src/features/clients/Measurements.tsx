import type { Account, Client, Measurement } from '@spalo/contract';
import { isUnlikelyMass } from '@spalo/core/person';
import { massText, nowMs, typedMass, type Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Section } from '../../design/Section';
import { DateField } from '../../design/DateField';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { Figure, Quiet } from '../../design/Words';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { overlayMeasurements } from '../../state/resources/measurements';
import { useWaitingChanges } from '../../state/use-journal';
import { UnlikelyMass } from '../../parts/client/UnlikelyMass';
import { formDay, shortDate } from '../../parts/time/day-time';

/** Keeps a body mass with its day, and the way back from it. */
const keepMeasurement = (clientId: string, measurement: Measurement, says: string) => {
  const put = ({ id, ...body }: Measurement): ChangeOf<'putMeasurement'> => ({
    route: 'putMeasurement',
    args: { params: { id: clientId, measurementId: id }, body },
  });
  return changeWithBack(
    put(measurement),
    says,
    put({ ...measurement, removed: !measurement.removed }),
  );
};

/** A body mass with its day; one that was a mistake is struck out, and stays to be brought back. */
function MeasuredLine({
  each,
  client,
  unit,
  now,
}: {
  each: Measurement;
  client: Client;
  unit: Unit;
  now: number;
}) {
  const { removed } = each;
  const what = massText(each.bodyMassG, unit);
  const when = shortDate(`${each.day}T12:00:00.000Z`, 'UTC', now);
  const turn = () =>
    keepMeasurement(
      client.id,
      { ...each, removed: !removed },
      `${what} ${removed ? 'brought back' : 'removed'}`,
    );
  return (
    <View className="flex-row items-center justify-between gap-3 border-b border-line pb-1">
      <Figure className={removed ? 'text-slate line-through' : ''}>{what}</Figure>
      <View className="flex-row items-center gap-3">
        <Quiet>{removed ? `${when}, removed` : when}</Quiet>
        <Chip
          label={removed ? 'Restore' : 'Remove'}
          says={`${removed ? 'Restore' : 'Remove'} ${what}, ${when}`}
          onPress={() => attempt(turn)}
        />
      </View>
    </View>
  );
}

/** Body mass with its days, and the other measures that are known. */
export function Measurements({ client, account }: { client: Client; account: Account }) {
  const { unit, zone } = account.studio;
  const now = useNow(false);
  const [mass, setMass] = useState('');
  const [today] = useState(() => formDay(nowMs(), zone));
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
      const made = { id: newId(), day, bodyMassG, removed: false };
      await keepMeasurement(client.id, made, `${massText(bodyMassG, unit)} kept`);
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
        <MeasuredLine key={each.id} each={each} client={client} unit={unit} now={now} />
      ))}
      {client.heightMm !== null && <Quiet>{`Height ${client.heightMm / 10} cm`}</Quiet>}
      {segments && (
        <Quiet>
          {`Hip to knee ${segments.thighMm / 10}, knee to ankle ${segments.shinMm / 10}, hip to shoulder ${segments.trunkMm / 10}, arm ${segments.armMm / 10} cm`}
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
          <DateField
            label="On"
            value={day}
            onChange={setDay}
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
        <Button label="Save the measurement" onPress={() => save(null)} />
      )}
    </Section>
  );
}
