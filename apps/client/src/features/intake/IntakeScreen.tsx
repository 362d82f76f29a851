import { zodResolver } from '@hookform/resolvers/zod';
import type { Account } from '@spalo/contract';
import { type Flag, nowMs, type Person, typedMass } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Title } from '../../design/Words';
import { attempt } from '../../state/problems';
import { FlagSheet } from '../../parts/client/FlagSheet';
import { formDay } from '../../parts/time/day-time';
import { useIntakeDrafts } from '../../parts/client-form/intake-drafts';
import {
  emptyIntake,
  intakeForm,
  typedBirth,
  type IntakeInput,
  type IntakeOutput,
} from '../../parts/client-form/client-form';
import { addClient } from './add-client';
import { PlacesStep } from './PlacesStep';
import { StepRamp } from './StepRamp';
import { BodyStep } from '../../parts/client-form/BodyStep';
import { HealthStep } from '../../parts/client-form/HealthStep';
import { TrainingStep } from '../../parts/client-form/TrainingStep';
import { WhoStep } from '../../parts/client-form/WhoStep';

const steps: { title: string; fields: FieldPath<IntakeInput>[] }[] = [
  {
    title: 'Who',
    fields: [
      'name',
      'calledName',
      'birthDate',
      'sex',
      'phone',
      'email',
      'emergencyContact',
      'guardian',
    ],
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
function personSoFar(form: IntakeInput, unit: 'kg' | 'lb', today: string): Person {
  const massG = typedMass(form.bodyMass, unit) ?? 0;
  return {
    bodyMassG: massG > 0 ? massG : 75_000,
    sex: form.sex,
    trainingMonths: Number(form.trainingMonths) || 0,
    birthDate: typedBirth(form.birthDate, today),
    nervous: false,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
}

/** The first field of a step that is wrong, to be seen and typed into once its step is drawn. */
function useFirstError(
  setStep: (step: number) => void,
  focus: (name: FieldPath<IntakeInput>) => void,
) {
  const [missed, setMissed] = useState<FieldPath<IntakeInput> | null>(null);
  useEffect(() => {
    if (missed !== null) focus(missed);
  }, [missed, focus]);
  return (errors: object) => {
    const isWrong = (field: string) => field.split('.')[0]! in errors;
    const wrong = steps.findIndex(({ fields }) => fields.some(isWrong));
    if (wrong < 0) return;
    setStep(wrong);
    setMissed(steps[wrong]!.fields.find(isWrong) ?? null);
  };
}

/** The first talk with a client, in five short steps; kept on the device as it goes, with or without network. */
export function IntakeScreen({ draftId, account }: { draftId: string; account: Account }) {
  const router = useRouter();
  const { unit, zone } = account.studio;
  const [today] = useState(() => formDay(nowMs(), zone));
  const { keep, drop } = useIntakeDrafts.getState();
  const [begun] = useState(() => useIntakeDrafts.getState().drafts[draftId]);
  const [step, setStep] = useState(begun?.step ?? 0);
  const [answers, setAnswers] = useState(begun?.answers ?? {});
  const [flags, setFlags] = useState<Flag[]>(begun?.flags ?? []);
  const [raising, setRaising] = useState(false);
  const schema = useMemo(() => intakeForm(unit, today), [unit, today]);
  const { control, handleSubmit, setFocus, trigger } = useForm<IntakeInput, unknown, IntakeOutput>({
    resolver: zodResolver(schema),
    // A draft of an earlier version lacks what was not asked then.
    defaultValues: { ...emptyIntake(today), ...begun?.form },
    mode: 'onTouched',
  });
  const form = useWatch({ control }) as IntakeInput;
  const person = useMemo(() => personSoFar(form, unit, today), [form, unit, today]);

  // Saved as it goes: nothing is lost to a phone call or a flat battery.
  useEffect(() => {
    const started = form.name.trim() !== '' || step > 0;
    if (started) keep(draftId, { trainerId: account.trainer.id, step, form, answers, flags });
  }, [account.trainer.id, answers, draftId, flags, form, keep, step]);

  const next = async () => {
    // The first field that is wrong comes in sight and has the focus.
    if (await trigger(steps[step]!.fields, { shouldFocus: true })) setStep(step + 1);
  };
  const finish = (filled: IntakeOutput) =>
    attempt(async () => {
      await addClient(draftId, filled, { answers, flags });
      drop(draftId);
      router.replace({ pathname: '/clients/[id]', params: { id: draftId } });
    });
  const toWrong = useFirstError(setStep, setFocus);
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
          <PlacesStep
            control={control}
            flags={flags}
            onRaise={() => setRaising(true)}
            onRemove={(flag) => setFlags(flags.filter((each) => each !== flag))}
          />
        )}
      </ScrollView>
      <View className="flex-row gap-2 border-t border-line bg-paper px-4 py-2">
        <Button label="Back" icon="back" onPress={back} />
        <Button
          kind="main"
          big
          label={last ? 'Add client' : 'Next'}
          onPress={last ? handleSubmit(finish, toWrong) : () => void next()}
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
