import type { Account } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Field } from '../../design/Field';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong, Title } from '../../design/Words';
import { useQuestions } from '../../parts/client/use-questions';
import type { IntakeOutput } from '../../parts/client-form/client-form';
import { HealthStep } from '../../parts/client-form/HealthStep';
import { BornField, ConsentField, GuardianFields } from '../../parts/client-form/WhoStep';
import { ChoiceField } from '../../parts/forms/ChoiceField';
import { useRoomChoice } from '../../parts/room/use-room';
import { startSession } from '../../parts/session/start-session';
import { useKnownClient } from '../../state/pasts';
import { attempt } from '../../state/problems';
import { useRooms } from '../../state/queries';
import { useIntake, type Intake } from './use-intake';

/** Months of training, as far as anybody says them in passing. */
const ages = [
  { value: '0', label: 'New' },
  { value: '6', label: 'Months' },
  { value: '18', label: '1–2 years' },
  { value: '48', label: 'Longer' },
] as const;

/** What decides what may be lifted at all: asked now, or in the first session. */
function Health({ intake }: { intake: Intake }) {
  const [asking, setAsking] = useState(false);
  const questions = useQuestions();
  const { control, form, answers, setAnswers } = intake;
  const answered = form.consent ? questions.filter(({ id }) => answers[id]).length : 0;
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong role="heading" aria-level={2}>
          Health
        </Strong>
        <Quiet>{`${answered} of ${questions.length} questions answered`}</Quiet>
      </View>
      {answered < questions.length && (
        <Quiet>Until they are answered: general part and bodyweight lesson only.</Quiet>
      )}
      <Button
        label={answered > 0 ? 'Go on asking' : 'Ask them now'}
        says="Ask the health questions"
        onPress={() => setAsking(true)}
        className="mt-1"
      />
      <Sheet title="Health" open={asking} onClose={() => setAsking(false)}>
        <ConsentField control={control} />
        {form.consent && <HealthStep answers={answers} consent onChange={setAnswers} />}
      </Sheet>
    </View>
  );
}

/** Starts the session of somebody who was just added, as soon as this device knows them. */
function useStartOf(id: string, account: Account) {
  const router = useRouter();
  const [due, setDue] = useState(false);
  const begun = useRef(false);
  const { data: client } = useKnownClient(id);
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  useEffect(() => {
    if (!due || begun.current || !client || !rooms) return;
    begun.current = true;
    attempt(async () => {
      try {
        await startSession(client, room, account, null);
        router.replace('/floor');
      } catch (error) {
        // They are kept; their page says what stands in the way.
        router.replace({ pathname: '/clients/[id]', params: { id } });
        throw error;
      }
    });
  }, [due, client, rooms, room, account, id, router]);
  return () => setDue(true);
}

/** What is needed of a new client now; the rest can follow. */
export function NewClientScreen({ draftId, account }: { draftId: string; account: Account }) {
  const router = useRouter();
  const { unit } = account.studio;
  const intake = useIntake(draftId, account);
  const { control, handleSubmit } = intake;
  const start = useStartOf(draftId, account);
  const save = (then: () => void) => {
    const keep = (filled: IntakeOutput) =>
      attempt(async () => {
        await intake.save(filled);
        then();
      });
    return () => void handleSubmit(keep)();
  };
  const toPage = () => router.replace({ pathname: '/clients/[id]', params: { id: draftId } });
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="max-w-[40rem] gap-4 p-4">
        <View className="flex-row items-center gap-3">
          <IconButton icon="back" label="Back to clients" onPress={() => router.push('/clients')} />
          <Title className="min-w-0 shrink">New client</Title>
        </View>
        <Field control={control} name="name" label="Name" autoComplete="off" />
        <View className="flex-row flex-wrap gap-3">
          <View className="min-w-[10rem] flex-[3]">
            <BornField control={control} />
          </View>
          <View className="min-w-[7rem] flex-[2]">
            <Field
              control={control}
              name="bodyMass"
              label={`Body mass, ${unit}`}
              inputMode="decimal"
            />
          </View>
        </View>
        <GuardianFields control={control} />
        <ChoiceField
          control={control}
          name="trainingMonths"
          label="Training with weights"
          options={ages}
        />
        <Health intake={intake} />
        <View className="items-start gap-1">
          <Strong role="heading" aria-level={2}>
            Can wait
          </Strong>
          <Quiet>
            Goal, wishes, loads of before, contact, measurements. What is missing stands in the
            first brief.
          </Quiet>
          <Button
            kind="quiet"
            label="Ask all of it now"
            onPress={() =>
              router.replace({ pathname: '/clients/new', params: { draft: draftId, all: '1' } })
            }
          />
        </View>
      </ScrollView>
      <View className="flex-row gap-2 border-t border-line bg-paper px-4 py-2">
        <Button
          kind="main"
          big
          label="Save and start"
          onPress={save(start)}
          className="min-w-0 flex-1"
        />
        <Button big label="Save" onPress={save(toPage)} />
      </View>
    </View>
  );
}
