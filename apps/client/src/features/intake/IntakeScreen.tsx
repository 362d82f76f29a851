import type { Account } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import type { FieldPath } from 'react-hook-form';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Title } from '../../design/Words';
import { FlagSheet } from '../../parts/client/FlagSheet';
import { BodyStep } from '../../parts/client-form/BodyStep';
import type { IntakeInput, IntakeOutput } from '../../parts/client-form/client-form';
import { HealthStep } from '../../parts/client-form/HealthStep';
import { TrainingStep } from '../../parts/client-form/TrainingStep';
import { WhoStep } from '../../parts/client-form/WhoStep';
import { attempt } from '../../state/problems';
import { PlacesStep } from './PlacesStep';
import { StepRamp } from './StepRamp';
import { useIntake } from './use-intake';

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
  const { unit } = account.studio;
  const intake = useIntake(draftId, account);
  const { control, handleSubmit, setFocus, trigger, form, step, setStep, flags, setFlags } = intake;
  const [raising, setRaising] = useState(false);
  const next = async () => {
    // The first field that is wrong comes in sight and has the focus.
    if (await trigger(steps[step]!.fields, { shouldFocus: true })) setStep(step + 1);
  };
  const finish = (filled: IntakeOutput) =>
    attempt(async () => {
      await intake.save(filled);
      router.replace({ pathname: '/clients/[id]', params: { id: draftId } });
    });
  const toWrong = useFirstError(setStep, setFocus);
  const back = () => {
    if (step > 0) setStep(step - 1);
    else router.replace({ pathname: '/clients/new', params: { draft: draftId } });
  };
  const last = step === steps.length - 1;
  return (
    <View className="min-h-0 flex-1">
      <ScrollView
        // Each step begins at its top.
        key={step}
        className="flex-1"
        contentContainerClassName="max-w-[40rem] gap-4 p-4"
      >
        <View className="gap-3">
          <Title>{form.name.trim() || 'New client'}</Title>
          <StepRamp steps={steps.map(({ title }) => title)} now={step} onOpen={setStep} />
        </View>
        {step === 0 && <WhoStep control={control} />}
        {step === 1 && <BodyStep control={control} unit={unit} />}
        {step === 2 && <TrainingStep control={control} unit={unit} person={intake.person} />}
        {step === 3 && (
          <HealthStep
            answers={intake.answers}
            consent={form.consent}
            onChange={intake.setAnswers}
          />
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
