import { zodResolver } from '@hookform/resolvers/zod';
import type { Account } from '@spalo/contract';
import { toGrams, type Flag, type Person } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Field } from '../../design/Field';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { journal } from '../../state/device';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { flagName } from '../clients/FlagChips';
import { FlagSheet } from '../clients/FlagSheet';
import { formDay } from '../day/day-time';
import { useIntakeDrafts } from './intake-drafts';
import {
  emptyIntake,
  factsOf,
  intakeForm,
  type IntakeInput,
  type IntakeOutput,
} from './intake-form';
import { StepRamp } from './StepRamp';
import { BodyStep, HealthStep, TrainingStep, WhoStep } from './steps';

const steps: { title: string; fields: FieldPath<IntakeInput>[] }[] = [
  {
    title: 'Who',
    fields: ['name', 'calledName', 'birthDate', 'sex', 'phone', 'email', 'emergencyContact'],
  },
  {
    title: 'Body',
    fields: [
      'bodyMass',
      'bodyMassDay',
      'height',
      'squatLook',
      'stiff',
      'thigh',
      'shin',
      'trunk',
      'arm',
    ],
  },
  {
    title: 'Training',
    fields: ['trainingMonths', 'nervous', 'goal', 'preference', 'availability', 'reports'],
  },
  { title: 'Health', fields: [] },
  { title: 'Places', fields: ['brief'] },
];

/** A person as far as the form tells, for asking back about what they say they lifted. */
function personSoFar(form: IntakeInput, unit: 'kg' | 'lb'): Person {
  const mass = Number(form.bodyMass.replace(',', '.'));
  return {
    bodyMassG: mass > 0 ? toGrams(mass, unit) : 75_000,
    sex: form.sex,
    trainingMonths: Number(form.trainingMonths) || 0,
    birthDate: null,
    nervous: false,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
}

/** The first talk with a client, in five short steps; kept on the device as it goes, with or without network. */
export function IntakeScreen({ draftId, account }: { draftId: string; account: Account }) {
  const router = useRouter();
  const { unit, zone } = account.studio;
  const [today] = useState(() => formDay(Date.now(), zone));
  const { keep, drop } = useIntakeDrafts.getState();
  const [begun] = useState(() => useIntakeDrafts.getState().drafts[draftId]);
  const [step, setStep] = useState(begun?.step ?? 0);
  const [answers, setAnswers] = useState(begun?.answers ?? {});
  const [flags, setFlags] = useState<Flag[]>(begun?.flags ?? []);
  const [raising, setRaising] = useState(false);
  const schema = useMemo(() => intakeForm(unit, today), [unit, today]);
  const { control, handleSubmit, trigger } = useForm<IntakeInput, unknown, IntakeOutput>({
    resolver: zodResolver(schema),
    defaultValues: begun?.form ?? emptyIntake(today),
    mode: 'onTouched',
  });
  const form = useWatch({ control }) as IntakeInput;
  const person = useMemo(() => personSoFar(form, unit), [form, unit]);

  // Saved as it goes: nothing is lost to a phone call or a flat battery.
  useEffect(() => {
    const started = form.name.trim() !== '' || step > 0;
    if (started) keep(draftId, { trainerId: account.trainer.id, step, form, answers, flags });
  }, [account.trainer.id, answers, draftId, flags, form, keep, step]);

  const next = async () => {
    if (await trigger(steps[step]!.fields)) setStep(step + 1);
  };
  const finish = (filled: IntakeOutput) =>
    attempt(async () => {
      const { facts, measured } = factsOf(filled, null, new Date().toISOString());
      const params = { id: draftId };
      await journal.change({ route: 'putClient', args: { params, body: facts } });
      await journal.change({
        route: 'putMeasurement',
        args: { params: { id: draftId, measurementId: newId() }, body: measured },
      });
      if (filled.consent && Object.keys(answers).length > 0) {
        const whole = Object.fromEntries(
          Object.entries(answers).map(([id, answer]) => [
            id,
            { ...answer, clearedBy: '', clearedOn: null },
          ]),
        );
        await journal.change({
          route: 'putScreening',
          args: { params, body: { answers: whole } },
        });
      }
      for (const { id: flagId, ...body } of flags) {
        await journal.change({
          route: 'putFlag',
          args: { params: { id: draftId, flagId }, body },
        });
      }
      drop(draftId);
      router.replace({ pathname: '/clients/[id]', params: { id: draftId } });
    });
  const back = () => {
    if (step > 0) setStep(step - 1);
    else router.push('/clients');
  };
  const last = step === steps.length - 1;
  return (
    <View className="min-h-0 flex-1">
      <ScrollView
        // Each step begins at its top.
        key={step}
        className="flex-1"
        contentContainerClassName="max-w-[40rem] gap-5 p-4"
      >
        <View className="gap-3">
          <Title>{form.name.trim() || 'New client'}</Title>
          <StepRamp steps={steps.map(({ title }) => title)} now={step} onOpen={setStep} />
        </View>
        {step === 0 && <WhoStep control={control} />}
        {step === 1 && <BodyStep control={control} unit={unit} />}
        {step === 2 && <TrainingStep control={control} unit={unit} person={person} />}
        {step === 3 && (
          <HealthStep answers={answers} consent={form.consent} onChange={setAnswers} />
        )}
        {last && (
          <>
            <View className="gap-3">
              <Strong>Places that hurt, are stiff, or feared</Strong>
              {flags.length === 0 && (
                <Body className="text-slate">None. A flag closes what loads the place.</Body>
              )}
              {flags.map((flag) => (
                <Card key={flag.id} className="flex-row items-center justify-between gap-3">
                  <View className="shrink">
                    <Strong>{flagName(flag)}</Strong>
                    {flag.note ? <Quiet>{flag.note}</Quiet> : null}
                  </View>
                  <Button
                    label="Remove"
                    says={`Remove the flag ${flagName(flag)}`}
                    onPress={() => setFlags(flags.filter((each) => each !== flag))}
                  />
                </Card>
              ))}
              <Button label="Raise a flag" icon="plus" onPress={() => setRaising(true)} />
            </View>
            <Field
              control={control}
              name="brief"
              label="What to know before they walk in"
              hint="One line; it stands on top of their page."
            />
          </>
        )}
      </ScrollView>
      <View className="flex-row gap-2 border-t-2 border-line bg-paper px-4 py-2">
        <Button label="Back" icon="back" onPress={back} />
        <Button
          kind="main"
          big
          label={last ? 'Add client' : 'Next'}
          onPress={
            last
              ? handleSubmit(finish, (errors) => {
                  const wrong = steps.findIndex(({ fields }) =>
                    fields.some((field) => field.split('.')[0]! in errors),
                  );
                  if (wrong >= 0) setStep(wrong);
                })
              : () => void next()
          }
          className="flex-1"
        />
      </View>
      {raising && (
        <FlagSheet
          onClose={() => setRaising(false)}
          onSave={(flag) => {
            setFlags([...flags, flag]);
            setRaising(false);
          }}
        />
      )}
    </View>
  );
}
