import { findLift, repLifts } from '@spalo/catalog';
import type { Person } from '@spalo/core/person';
import { readStrength } from '@spalo/core/strength';
import { massText, nowIso, typedMass, type Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { useFieldArray, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Field } from '../../design/Field';
import { Strong } from '../../design/Words';
import { ChoiceField } from '../forms/ChoiceField';
import { LiftChooser } from '../pickers/LiftPicker';
import type { IntakeControl } from './client-form';

const nerves = [
  { value: false, label: 'At ease' },
  { value: true, label: 'Nervous' },
] as const;
const preferences = [
  { value: 'none', label: 'No wish' },
  { value: 'strength', label: 'Strength' },
  { value: 'size', label: 'Size' },
  { value: 'endurance', label: 'Endurance' },
] as const;
const sureness = [
  { value: 'sure', label: 'Sure' },
  { value: 'about', label: 'About' },
  { value: 'guess', label: 'A guess' },
] as const;

/** Asks back about a load that is far from anything likely: a typed 200 for 20. */
function ReportDoubt({
  control,
  index,
  person,
  unit,
}: {
  control: IntakeControl;
  index: number;
  person: Person;
  unit: Unit;
}) {
  const report = useWatch({ control, name: `reports.${index}` });
  const loadG = typedMass(report.load, unit) ?? 0;
  const reps = Number(report.reps);
  if (!(loadG > 0) || !(reps > 0) || !findLift(report.liftId)) return null;
  const profile = readStrength(person, null, repLifts(), nowIso());
  const doubt = profile.doubt({ liftId: report.liftId, loadG, reps, cleanReps: reps, rir: 1 });
  if (!doubt) return null;
  const say = (grams: number) => massText(grams, unit);
  return (
    <Banner kind="wait" title="Does this look right?">
      {`${say(loadG)} × ${reps} is far ${doubt.kind === 'heavy' ? 'above' : 'below'} what is likely: ${say(doubt.expected.low)} to ${say(doubt.expected.high)}. It is kept, but hardly counts.`}
    </Banner>
  );
}

/** One lift they say they did: how much, how often, how long ago, how sure. */
function Report({
  control,
  index,
  liftId,
  unit,
  person,
  onRemove,
}: {
  control: IntakeControl;
  index: number;
  liftId: string;
  unit: Unit;
  person: Person;
  onRemove: () => void;
}) {
  const name = findLift(liftId)?.name ?? liftId;
  return (
    <Card className="gap-3">
      <View className="flex-row items-center justify-between gap-2">
        <Strong className="shrink">{name}</Strong>
        <Button label="Remove" says={`Remove ${name}`} onPress={onRemove} />
      </View>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Field
            control={control}
            name={`reports.${index}.load`}
            label={`Load, ${unit}`}
            inputMode="decimal"
          />
        </View>
        <View className="flex-1">
          <Field
            control={control}
            name={`reports.${index}.reps`}
            label="Reps"
            inputMode="numeric"
          />
        </View>
        <View className="flex-1">
          <Field
            control={control}
            name={`reports.${index}.monthsAgo`}
            label="Months ago"
            inputMode="numeric"
          />
        </View>
      </View>
      <ChoiceField
        control={control}
        name={`reports.${index}.sure`}
        label="How sure"
        options={sureness}
      />
      <ReportDoubt control={control} index={index} person={person} unit={unit} />
    </Card>
  );
}

function LiftedBefore({
  control,
  unit,
  person,
}: {
  control: IntakeControl;
  unit: Unit;
  person: Person;
}) {
  const [picking, setPicking] = useState(false);
  const { fields, append, remove } = useFieldArray({ control, name: 'reports' });
  return (
    <View className="gap-3">
      <Strong>Lifted before</Strong>
      {fields.map((field, index) => (
        <Report
          key={field.id}
          control={control}
          index={index}
          liftId={field.liftId}
          unit={unit}
          person={person}
          onRemove={() => remove(index)}
        />
      ))}
      <Button
        label={picking ? 'Close' : 'Add a lift they did'}
        icon={picking ? 'close' : 'plus'}
        onPress={() => setPicking(!picking)}
      />
      {picking && (
        <LiftChooser
          among={repLifts()}
          onPick={(lift) => {
            append({ liftId: lift.id, load: '', reps: '', monthsAgo: '0', sure: 'about' });
            setPicking(false);
          }}
        />
      )}
    </View>
  );
}

export function TrainingStep({
  control,
  unit,
  person,
}: {
  control: IntakeControl;
  unit: Unit;
  person: Person;
}) {
  return (
    <>
      <Field
        control={control}
        name="trainingMonths"
        label="Months of regular training"
        hint="With loads, without long breaks. 0 when new."
        inputMode="numeric"
      />
      <ChoiceField control={control} name="nervous" label="Among the weights" options={nerves} />
      <Field control={control} name="goal" label="Goal, in their words" />
      <ChoiceField
        control={control}
        name="preference"
        label="Wants most from the sets"
        options={preferences}
        wrap
      />
      <Field control={control} name="availability" label="Can come" hint="Days, times of day" />
      <LiftedBefore control={control} unit={unit} person={person} />
    </>
  );
}
