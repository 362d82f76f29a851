import { zodResolver } from '@hookform/resolvers/zod';
import { newPassword } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { ApiProblem, call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { Body, Title } from '../../design/Words';
import { enter } from './account-actions';
import { showProblem } from './form-problem';
import { FrontPage } from './FrontPage';
import { NewPasswordField } from './NewPasswordField';

const form = z.object({ password: newPassword });

/** Where a link leads: an invitation, or choosing a new password. The token is in the fragment, which no server sees. */
export function JoinScreen() {
  const [token] = useState(() => window.location.hash.slice(1));
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const { data, error, refetch } = useQuery({
    queryKey: ['link'],
    queryFn: () => call('readLink', { body: { token } }),
    enabled: token !== '',
    gcTime: 0,
  });
  const { control, handleSubmit, setError } = useForm({
    resolver: zodResolver(form),
    defaultValues: { password: '' },
  });
  const submit = async ({ password }: z.output<typeof form>) => {
    setProblem(null);
    try {
      await enter(await call('useLink', { body: { token, password } }));
      // Loaded anew: the link does not stay among the pages that the browser goes back to.
      window.location.replace('/day');
    } catch (failure) {
      setProblem(showProblem(failure, ['password'], setError));
    }
  };
  const gone = token === '' || error instanceof ApiProblem;
  return (
    <FrontPage>
      {gone ? (
        <EmptyState
          icon="alert"
          title="This link does not work any more"
          action={<Button label="Go to the sign-in" onPress={() => router.replace('/day')} />}
        >
          It works once, and not for ever. Ask an owner of your studio for another.
        </EmptyState>
      ) : error ? (
        <ErrorState what="The server cannot be reached" onRetry={() => void refetch()} />
      ) : !data ? (
        <LoadingState what="the link" />
      ) : (
        <>
          <Title>{data.studioName}</Title>
          <Body>
            {data.kind === 'invitation'
              ? `Welcome, ${data.name}. Choose a password; from then on you sign in as ${data.email}.`
              : `${data.name}, choose a new password for ${data.email}. The old one ends, and every browser is signed out.`}
          </Body>
          {problem && <Banner kind="stop" title={problem} />}
          <NewPasswordField control={control} name="password" />
          <Button kind="main" big label="Go in" onPress={handleSubmit(submit)} />
        </>
      )}
    </FrontPage>
  );
}
