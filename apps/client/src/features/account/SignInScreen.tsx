import { zodResolver } from '@hookform/resolvers/zod';
import { newStudio, type Problem } from '@spalo/contract';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { ApiProblem, call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Icon } from '../../design/Icon';
import { ErrorState, LoadingState } from '../../design/States';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { useSetup } from '../../state/queries';
import { enter } from './account-actions';
import { showProblem } from './form-problem';
import { FromArchive } from './FromArchive';
import { FrontPage } from './FrontPage';
import { NewPasswordField } from './NewPasswordField';

const signInForm = z.object({
  email: z.string().trim().pipe(z.email('Not an e-mail address')),
  password: z.string().min(1, 'Fill this in'),
});

function SignInForm() {
  const [problem, setProblem] = useState<string | null>(null);
  const [studios, setStudios] = useState<Problem['choices']>();
  const { control, handleSubmit, setError } = useForm({
    resolver: zodResolver(signInForm),
    defaultValues: { email: '', password: '' },
  });
  const submit = async (body: z.output<typeof signInForm>, studioId?: string) => {
    setProblem(null);
    setStudios(undefined);
    try {
      await enter(await call('signIn', { body: { ...body, studioId } }));
    } catch (error) {
      const choices = error instanceof ApiProblem ? error.problem.choices : undefined;
      if (choices) setStudios(choices);
      else setProblem(showProblem(error, ['email', 'password'], setError));
    }
  };
  return (
    <View className="gap-4">
      {problem && <Banner kind="stop" title={problem} />}
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="email" />
      <Field
        control={control}
        name="password"
        label="Password"
        secureTextEntry
        autoComplete="current-password"
      />
      <Button kind="main" big label="Sign in" onPress={handleSubmit((body) => submit(body))} />
      <Quiet>
        Password forgotten? An owner of your studio gives you a link to choose another; an owner
        gets one from whoever runs the server.
      </Quiet>
      {studios && (
        <View role="group" aria-label="Which studio" className="gap-2">
          <Strong>You work for several studios. Which one?</Strong>
          {studios.map(({ id, name }) => (
            <Button key={id} label={name} onPress={handleSubmit((body) => submit(body, id))} />
          ))}
        </View>
      )}
    </View>
  );
}

const units = [
  { value: 'kg', label: 'Kilograms' },
  { value: 'lb', label: 'Pounds' },
] as const;

function FirstStudioForm({ code }: { code: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit, setError } = useForm({
    resolver: zodResolver(newStudio),
    defaultValues: {
      studioName: '',
      unit: 'kg' as const,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      name: '',
      email: '',
      password: '',
    },
  });
  const submit = async (body: z.output<typeof newStudio>) => {
    setProblem(null);
    try {
      await enter(await call('makeStudio', { body: { ...body, code } }));
    } catch (error) {
      setProblem(showProblem(error, Object.keys(body), setError));
    }
  };
  return (
    <View className="gap-4">
      <Body>This is the first start here. Make your studio; you become its owner.</Body>
      {problem && <Banner kind="stop" title={problem} />}
      <Field control={control} name="studioName" label="Name of the studio" />
      <Controller
        control={control}
        name="unit"
        render={({ field }) => (
          <View className="gap-1">
            <Strong>Loads are shown in</Strong>
            <Choice label="Unit" options={units} value={field.value} onChange={field.onChange} />
          </View>
        )}
      />
      <Field control={control} name="zone" label="Time zone" />
      <Field control={control} name="name" label="Your name" autoComplete="name" />
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="email" />
      <NewPasswordField control={control} name="password" />
      <Button kind="main" big label="Make the studio" onPress={handleSubmit(submit)} />
    </View>
  );
}

/** On an empty Spalo: a new studio, or one from its archive. Away from its own machine, with the code that it printed. */
function FirstRun({ needsCode }: { needsCode: boolean }) {
  const [code, setCode] = useState('');
  return (
    <>
      {needsCode && (
        <TextField
          label="Code"
          value={code}
          onChange={setCode}
          max={40}
          hint="Spalo printed it where it was started: only who can read it there sets it up."
        />
      )}
      <FirstStudioForm code={code} />
      <FromArchive code={code} />
    </>
  );
}

/** The way in: the demo by one tap, e-mail and password, or on an empty database the first studio. */
export function SignInScreen() {
  const { data: setup, isError, refetch } = useSetup();
  const [problem, setProblem] = useState<string | null>(null);
  const demo = async () => {
    setProblem(null);
    try {
      await enter(await call('signInDemo', {}));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    }
  };
  return (
    <FrontPage>
      <View className="flex-row items-end gap-3 border-b-[3px] border-ink pb-2">
        <Icon name="floor" size={44} color="moss" />
        <Title className="text-loud leading-[3rem] text-moss">spalo</Title>
      </View>
      {problem && <Banner kind="stop" title={problem} />}
      {!setup &&
        (isError ? (
          <ErrorState what="The server cannot be reached" onRetry={() => void refetch()} />
        ) : (
          <LoadingState what="the sign-in" />
        ))}
      {setup?.demo && (
        <View className="gap-2">
          <Button kind="main" big label="Open the demo studio" onPress={() => void demo()} />
          <Body className="text-slate">
            Made-up clients above a made-up boathouse. Nothing here is real.
          </Body>
        </View>
      )}
      {setup && (setup.firstRun ? <FirstRun needsCode={setup.needsCode} /> : <SignInForm />)}
    </FrontPage>
  );
}
