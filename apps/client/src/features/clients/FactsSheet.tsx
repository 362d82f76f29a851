import { zodResolver } from '@hookform/resolvers/zod';
import type { Account, Client } from '@spalo/contract';
import { isUnlikelyMass } from '@spalo/core/person';
import { nowIso, nowMs } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Sheet } from '../../design/Sheet';
import { Title } from '../../design/Words';
import { journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { formDay } from '../../parts/time/day-time';
import {
  factsOf,
  intakeForm,
  intakeOf,
  type IntakeInput,
  type IntakeOutput,
} from '../../parts/client-form/client-form';
import { BodyStep } from '../../parts/client-form/BodyStep';
import { TrainingStep } from '../../parts/client-form/TrainingStep';
import { WhoStep } from '../../parts/client-form/WhoStep';
import { UnlikelyMass } from '../../parts/client/UnlikelyMass';
import { changeClient, factsOfClient } from '../../parts/client/change-client';

/** Changes what the intake asked; a new body mass is also kept as a measurement. */
export function FactsSheet({
  client,
  account,
  onClose,
}: {
  client: Client;
  account: Account;
  onClose: () => void;
}) {
  const { unit, zone } = account.studio;
  const [today] = useState(() => formDay(nowMs(), zone));
  const schema = useMemo(() => intakeForm(unit, today), [unit, today]);
  const { control, handleSubmit } = useForm<IntakeInput, unknown, IntakeOutput>({
    resolver: zodResolver(schema),
    defaultValues: intakeOf(client, unit, today),
    mode: 'onTouched',
  });
  const [asked, setAsked] = useState<IntakeOutput | null>(null);
  const measuredOf = (form: IntakeOutput) => factsOf(form, factsOfClient(client), nowIso());
  const save = (form: IntakeOutput) => {
    const unlikely = isUnlikelyMass(measuredOf(form).measured.bodyMassG, client.bodyMassG);
    if (unlikely) setAsked(form);
    else keep(form);
  };
  const keep = (form: IntakeOutput) =>
    attempt(async () => {
      const { facts, measured } = measuredOf(form);
      await changeClient(client, facts, 'Facts changed');
      if (Math.abs(measured.bodyMassG - client.bodyMassG) > 50) {
        await journal.change({
          route: 'putMeasurement',
          args: {
            params: { id: client.id, measurementId: newId() },
            body: measured,
          },
        });
      }
      onClose();
    });
  return (
    <Sheet title={`Facts of ${client.name}`} open onClose={onClose}>
      <WhoStep control={control} />
      <Title level={3} className="text-figure">
        Body
      </Title>
      <BodyStep control={control} unit={unit} />
      <Title level={3} className="text-figure">
        Training
      </Title>
      <TrainingStep control={control} unit={unit} person={client} />
      <Field control={control} name="brief" label="What to know before they walk in" />
      {asked && (
        <UnlikelyMass
          massG={measuredOf(asked).measured.bodyMassG}
          beforeG={client.bodyMassG}
          unit={unit}
          onYes={() => keep(asked)}
        />
      )}
      <Button kind="main" big label="Save the facts" onPress={handleSubmit(save)} />
    </Sheet>
  );
}
