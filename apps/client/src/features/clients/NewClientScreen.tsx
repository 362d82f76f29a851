import { zodResolver } from '@hookform/resolvers/zod';
import { lifts } from '@spalo/catalog';
import type { Account, ClientFacts } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Section } from '../../design/Section';
import { Body, Strong, Title } from '../../design/Words';
import { journal } from '../../state/device';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { clientForm, emptyClientForm, type ClientFormInput } from './client-form';

const sexes = [
  { value: 'female', label: 'Female' },
  { value: 'male', label: 'Male' },
  { value: 'unsaid', label: 'Rather not say' },
] as const;
const nerves = [
  { value: false, label: 'At ease' },
  { value: true, label: 'Nervous' },
] as const;
const reported = [
  { value: '', label: 'None' },
  ...lifts.map((lift) => ({ value: lift.id, label: lift.name })),
];

/** Adds a client by hand: just enough for a first session. Works without network. */
export function NewClientScreen({ account }: { account: Account }) {
  const router = useRouter();
  const { unit } = account.studio;
  const schema = useMemo(() => clientForm(unit, new Date().getFullYear()), [unit]);
  const { control, handleSubmit } = useForm<ClientFormInput, unknown, ClientFacts>({
    resolver: zodResolver(schema),
    defaultValues: emptyClientForm,
    mode: 'onTouched',
  });
  const reports = useWatch({ control, name: 'reportLift' }) !== '';
  const save = (facts: ClientFacts) =>
    attempt(async () => {
      const id = newId();
      await journal.change({ route: 'putClient', args: { params: { id }, body: facts } });
      router.replace({ pathname: '/clients/[id]', params: { id } });
    });
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="max-w-[40rem] gap-6 p-4">
        <View>
          <Title>New client</Title>
          <Body className="text-slate">Enough for a first session; the rest can follow.</Body>
        </View>
        <View className="gap-4">
          <Field control={control} name="name" label="Name" autoComplete="off" />
          <Field
            control={control}
            name="bodyMass"
            label={`Body mass, ${unit}`}
            inputMode="decimal"
          />
          <Field
            control={control}
            name="trainingMonths"
            label="Months of regular training"
            hint="With loads, without long breaks. 0 when new."
            inputMode="numeric"
          />
          <Controller
            control={control}
            name="sex"
            render={({ field }) => (
              <View className="gap-1">
                <Strong>Sex, for the first guess of loads</Strong>
                <Choice label="Sex" options={sexes} value={field.value} onChange={field.onChange} />
              </View>
            )}
          />
          <Field
            control={control}
            name="birthYear"
            label="Year of birth"
            hint="May stay empty."
            inputMode="numeric"
          />
          <Controller
            control={control}
            name="nervous"
            render={({ field }) => (
              <View className="gap-1">
                <Strong>Among the weights</Strong>
                <Choice
                  label="Among the weights"
                  options={nerves}
                  value={field.value}
                  onChange={field.onChange}
                />
              </View>
            )}
          />
        </View>
        <Section title="Something they have lifted">
          <Controller
            control={control}
            name="reportLift"
            render={({ field }) => (
              <Choice
                label="Reported lift"
                options={reported}
                value={field.value}
                onChange={field.onChange}
                wrap
              />
            )}
          />
          {reports && (
            <View className="gap-4">
              <Field
                control={control}
                name="reportLoad"
                label={`How heavy, ${unit}`}
                inputMode="decimal"
              />
              <Field
                control={control}
                name="reportReps"
                label="For how many reps"
                inputMode="numeric"
              />
              <Field
                control={control}
                name="reportMonths"
                label="How many months ago"
                hint="Empty for now."
                inputMode="numeric"
              />
            </View>
          )}
        </Section>
        <Section title="For you">
          <Field control={control} name="goal" label="Goal, in their words" />
          <Field control={control} name="brief" label="What to know before they walk in" />
        </Section>
      </ScrollView>
      <View className="flex-row gap-2 border-t-2 border-line bg-paper px-4 py-2">
        <Button label="Back" icon="back" onPress={() => router.push('/clients')} />
        <Button
          kind="main"
          big
          label="Add client"
          onPress={handleSubmit(save)}
          className="flex-1"
        />
      </View>
    </View>
  );
}
