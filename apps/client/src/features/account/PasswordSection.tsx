import { zodResolver } from '@hookform/resolvers/zod';
import { passwordChange } from '@spalo/contract';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Field } from '../../design/Field';
import { Section } from '../../design/Section';
import { queryClient } from '../../state/query-client';
import { showProblem } from './form-problem';
import { NewPasswordField } from './NewPasswordField';

/** Changing the own password; every other browser is signed out by it. */
export function PasswordSection() {
  const [open, setOpen] = useState(false);
  const [message, setMessage] = useState<{ kind: 'note' | 'stop'; text: string } | null>(null);
  const { control, handleSubmit, setError, reset } = useForm({
    resolver: zodResolver(passwordChange),
    defaultValues: { current: '', password: '' },
  });
  const submit = async (body: z.output<typeof passwordChange>) => {
    setMessage(null);
    try {
      await call('changePassword', { body });
      reset();
      setOpen(false);
      setMessage({ kind: 'note', text: 'Changed. Every other browser was signed out.' });
      await queryClient.invalidateQueries({ queryKey: ['sign-ins'] });
    } catch (error) {
      const text = showProblem(error, ['current', 'password'], setError);
      setMessage(text === null ? null : { kind: 'stop', text });
    }
  };
  return (
    <Section title="Password">
      {message && <Banner kind={message.kind} title={message.text} />}
      {open ? (
        <>
          <Field
            control={control}
            name="current"
            label="Password so far"
            secureTextEntry
            autoComplete="current-password"
          />
          <NewPasswordField control={control} name="password" label="New password" />
          <Button kind="main" label="Change password" onPress={handleSubmit(submit)} />
        </>
      ) : (
        <Button label="Change password" onPress={() => setOpen(true)} />
      )}
    </Section>
  );
}
