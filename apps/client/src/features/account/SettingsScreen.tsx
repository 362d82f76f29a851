import { zodResolver } from '@hookform/resolvers/zod';
import { newTrainer, type Account } from '@spalo/contract';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { ScrollView, View } from 'react-native';
import type { z } from 'zod';
import { ApiProblem, call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { journal } from '../../state/device';
import { attempt } from '../../state/problems';
import { useTrainers } from '../../state/queries';
import { queryClient } from '../../state/query-client';
import { useSettings } from '../../state/settings';
import { useOutbox } from '../../state/use-journal';
import { WarmUpTasteSection } from './WarmUpTasteSection';
import { leave } from './account-actions';

const themes = [
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;
const roles = [
  { value: 'trainer', label: 'Trainer' },
  { value: 'owner', label: 'Owner' },
] as const;

function AddTrainer() {
  const [message, setMessage] = useState<{ kind: 'note' | 'stop'; text: string } | null>(null);
  const { control, handleSubmit, setError, reset } = useForm({
    resolver: zodResolver(newTrainer),
    defaultValues: { name: '', email: '', password: '', role: 'trainer' as const },
  });
  const submit = async (body: z.output<typeof newTrainer>) => {
    try {
      const added = await call('addTrainer', { body });
      reset();
      setMessage({ kind: 'note', text: `${added.name} can sign in now.` });
      await queryClient.invalidateQueries({ queryKey: ['trainers'] });
    } catch (error) {
      const taken = error instanceof ApiProblem && error.problem.status === 409;
      if (taken) setError('email', { message: error.message });
      else
        setMessage({
          kind: 'stop',
          text: error instanceof Error ? error.message : 'That did not work',
        });
    }
  };
  return (
    <Section title="Add a trainer">
      {message && <Banner kind={message.kind} title={message.text} />}
      <Field control={control} name="name" label="Name" autoComplete="off" />
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="off" />
      <Field
        control={control}
        name="password"
        label="First password"
        hint="At least 10 characters."
        secureTextEntry
        autoComplete="new-password"
      />
      <Controller
        control={control}
        name="role"
        render={({ field }) => (
          <Choice label="Role" options={roles} value={field.value} onChange={field.onChange} />
        )}
      />
      <Button label="Add trainer" onPress={handleSubmit(submit)} />
    </Section>
  );
}

/** What waits to be sent, and what the server refused with its reason. */
function Outbox() {
  const { waiting, refused } = useOutbox();
  return (
    <Section title="On this device">
      <Body>
        {waiting.length === 0
          ? 'Everything has been sent.'
          : `${waiting.length} ${waiting.length === 1 ? 'thing waits' : 'things wait'} to be sent.`}
      </Body>
      {refused.map((entry) => (
        <Banner
          key={entry.id}
          kind="stop"
          title={`The server refused: ${entry.kind === 'event' ? entry.event.type : entry.change.route}`}
        >
          {entry.refusal ?? ''}
        </Banner>
      ))}
      {refused.length > 0 && (
        <Button label="Send these again" onPress={() => attempt(() => journal.retryRefused())} />
      )}
    </Section>
  );
}

/** Account and studio; under the studio's name. */
export function SettingsScreen({ account }: { account: Account }) {
  const { theme, setTheme } = useSettings();
  const { data: trainers } = useTrainers();
  const [problem, setProblem] = useState<string | null>(null);
  const signOut = () => {
    leave().catch(() => setProblem('Signing out needs the network.'));
  };
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[40rem] gap-6 p-4">
      <View>
        <Title>{account.studio.name}</Title>
        <Quiet>{`${account.studio.unit} · ${account.studio.zone}`}</Quiet>
      </View>
      <Section title="You">
        <Strong>{account.trainer.name}</Strong>
        <Quiet>{`${account.trainer.email} · ${account.trainer.role}`}</Quiet>
        {problem && <Banner kind="stop" title={problem} />}
        <Button label="Sign out" onPress={signOut} />
      </Section>
      <Section title="Look">
        <Choice label="Theme" options={themes} value={theme} onChange={setTheme} />
      </Section>
      <WarmUpTasteSection />
      <Outbox />
      <Section title="Trainers">
        {(trainers ?? []).map((trainer) => (
          <View
            key={trainer.id}
            className="flex-row flex-wrap justify-between gap-x-3 border-b-2 border-line py-1"
          >
            <Strong>{trainer.name}</Strong>
            <Quiet className="shrink">{`${trainer.email} · ${trainer.role}`}</Quiet>
          </View>
        ))}
      </Section>
      {account.trainer.role === 'owner' && <AddTrainer />}
    </ScrollView>
  );
}
