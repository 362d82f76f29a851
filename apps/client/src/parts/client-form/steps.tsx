import { findLift, lifts, screeningQuestions } from '@spalo/catalog';
import { bodyRanges, massText, readStrength, type Person, type Unit } from '@spalo/core';
import { useState } from 'react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { TextInput, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Body, Quiet, Strong } from '../../design/Words';
import { ChoiceField } from '../forms/ChoiceField';
import { ManyField } from '../forms/ManyField';
import { LiftChooser } from '../pickers/LiftPicker';
import { rangeWords } from '../words/ramp-words';
import type { IntakeDraft } from './intake-drafts';
import type { IntakeInput, IntakeOutput } from './client-form';

export type IntakeControl = Control<IntakeInput, unknown, IntakeOutput>;

const sexes = [
  { value: 'female', label: 'Female' },
  { value: 'male', label: 'Male' },
  { value: 'unsaid', label: 'Rather not say' },
] as const;
const consents = [
  { value: true, label: 'Yes, agreed' },
  { value: false, label: 'Not yet' },
] as const;

export function WhoStep({ control }: { control: IntakeControl }) {
  return (
    <>
      <Field control={control} name="name" label="Name" autoComplete="off" />
      <Field control={control} name="calledName" label="Likes to be called" autoComplete="off" />
      <Field
        control={control}
        name="birthDate"
        label="Born on"
        hint="Year, month, day: 1990-05-31. May stay empty."
        inputMode="numeric"
      />
      <ChoiceField
        control={control}
        name="sex"
        label="Sex, for the first guess of loads"
        options={sexes}
        hint="Not said: the guess is wider."
      />
      <Field control={control} name="phone" label="Phone" inputMode="tel" autoComplete="off" />
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="off" />
      <Field
        control={control}
        name="emergencyContact"
        label="In an emergency, call"
        hint="Name and number"
        autoComplete="off"
      />
      <ChoiceField
        control={control}
        name="consent"
        label="Agrees that health answers are kept"
        options={consents}
        hint="Without it the health questions are not stored."
      />
    </>
  );
}

const looks = [
  { value: null, label: 'Not looked' },
  { value: 'knees forward', label: 'Knees forward, trunk tall' },
  { value: 'hips back', label: 'Hips far back' },
] as const;

export function BodyStep({ control, unit }: { control: IntakeControl; unit: Unit }) {
  const [more, setMore] = useState(false);
  return (
    <>
      <Field control={control} name="bodyMass" label={`Body mass, ${unit}`} inputMode="decimal" />
      <Field control={control} name="bodyMassDay" label="Weighed on" />
      <Field control={control} name="height" label="Height, cm" inputMode="decimal" />
      <ChoiceField
        control={control}
        name="squatLook"
        label="How a body-weight squat looks"
        options={looks}
        hint="May wait. It helps to choose a squat style."
        wrap
      />
      <ManyField
        control={control}
        name="stiff"
        label="Stiff places"
        options={stiffPlaces}
        hint="The general warm-up opens them where the day’s lifts need it."
      />
      {more ? (
        <View className="gap-4">
          <Quiet>Lengths in cm, for the set-up pictures. All four, or none.</Quiet>
          <Field control={control} name="thigh" label="Hip to knee" inputMode="decimal" />
          <Field control={control} name="shin" label="Knee to floor" inputMode="decimal" />
          <Field control={control} name="trunk" label="Hip to shoulder" inputMode="decimal" />
          <Field control={control} name="arm" label="Shoulder to grip" inputMode="decimal" />
        </View>
      ) : (
        <Button label="Measure segment lengths" onPress={() => setMore(true)} />
      )}
    </>
  );
}

const stiffPlaces = bodyRanges.map((value) => ({ value, label: rangeWords[value] }));

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
  const loadG = Math.round(Number(report.load.replace(',', '.')) * (unit === 'kg' ? 1000 : 453.59));
  const reps = Number(report.reps);
  if (!(loadG > 0) || !(reps > 0) || !findLift(report.liftId)) return null;
  const profile = readStrength(person, null, lifts, new Date().toISOString());
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
        label={picking ? 'None of these' : 'Add a lift they did'}
        icon={picking ? 'close' : 'plus'}
        onPress={() => setPicking(!picking)}
      />
      {picking && (
        <LiftChooser
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

const yesNo = [
  { value: false, label: 'No' },
  { value: true, label: 'Yes' },
] as const;

export function HealthStep({
  answers,
  consent,
  onChange,
}: {
  answers: IntakeDraft['answers'];
  consent: boolean;
  onChange: (answers: IntakeDraft['answers']) => void;
}) {
  if (!consent) {
    return (
      <Banner kind="wait" title="Not asked yet">
        The client has not agreed that health answers are kept. Go back to the first step to record
        it, or ask the questions later on their page.
      </Banner>
    );
  }
  return (
    <>
      <Quiet>Ask each one. Any yes limits what is offered until a clinician clears it.</Quiet>
      {screeningQuestions.map((question) => {
        const answer = answers[question.id];
        const change = (part: Partial<{ yes: boolean; note: string }>) =>
          onChange({
            ...answers,
            [question.id]: { yes: answer?.yes ?? false, note: answer?.note ?? '', ...part },
          });
        return (
          <View key={question.id} className="gap-1">
            <Strong>{question.asks}</Strong>
            <Choice
              label={question.asks}
              options={yesNo}
              value={answer ? answer.yes : null}
              onChange={(yes) => change({ yes: yes === true })}
            />
            {answer?.yes && (
              <View className="gap-2">
                <Banner kind="stop" title={question.limits} />
                <TextInput
                  value={answer.note}
                  onChangeText={(note) => change({ note })}
                  aria-label={`Note: ${question.asks}`}
                  placeholder="What, since when"
                  maxLength={300}
                  className="min-h-tap rounded-2xl border-2 border-slate bg-card px-4 font-text text-body text-ink"
                />
              </View>
            )}
          </View>
        );
      })}
      {screeningQuestions.some(({ id }) => !answers[id]) && (
        <Body className="text-slate">Not everything is answered yet; the rest can follow.</Body>
      )}
    </>
  );
}
