import { zodResolver } from '@hookform/resolvers/zod';
import { newTrainer, type OneTimeLink } from '@spalo/contract';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import type { z } from 'zod';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Section } from '../../design/Section';
import { queryClient } from '../../state/query-client';
import { showProblem } from './form-problem';
import { LinkSheet } from './LinkSheet';
import { roles } from './roles';

/** An owner invites a trainer: a link that works once, by which they choose their own password. */
export function InviteSection({ zone }: { zone: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [made, setMade] = useState<{ link: OneTimeLink; name: string } | null>(null);
  const { control, handleSubmit, setError, reset } = useForm({
    resolver: zodResolver(newTrainer),
    defaultValues: { name: '', email: '', role: 'trainer' as const },
  });
  const submit = async (body: z.output<typeof newTrainer>) => {
    setProblem(null);
    try {
      const { trainer, link } = await call('addTrainer', { body });
      reset();
      setMade({ link, name: trainer.name });
      await queryClient.invalidateQueries({ queryKey: ['trainers'] });
    } catch (error) {
      setProblem(showProblem(error, ['name', 'email'], setError));
    }
  };
  return (
    <Section title="Invite a trainer">
      {problem && <Banner kind="stop" title={problem} />}
      <Field control={control} name="name" label="Name" autoComplete="off" />
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="off" />
      <Controller
        control={control}
        name="role"
        render={({ field }) => (
          <Choice label="Role" options={roles} value={field.value} onChange={field.onChange} />
        )}
      />
      <Button label="Make an invitation" onPress={handleSubmit(submit)} />
      {made && <LinkSheet {...made} zone={zone} onClose={() => setMade(null)} />}
    </Section>
  );
}
