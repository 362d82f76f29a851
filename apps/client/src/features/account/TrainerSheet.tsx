import type { Colleague, OneTimeLink } from '@spalo/contract';
import { useState } from 'react';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { queryClient } from '../../state/query-client';
import { HandOver } from './HandOver';
import { roles } from './roles';

/** What an owner may change about another trainer. */
export function TrainerSheet({
  trainer,
  colleagues,
  onClose,
  onLink,
}: {
  trainer: Colleague;
  colleagues: readonly Colleague[];
  onClose: () => void;
  onLink: (link: OneTimeLink) => void;
}) {
  const [role, setRole] = useState(trainer.role);
  const [problem, setProblem] = useState<string | null>(null);
  const { id, name } = trainer;
  const run = async (work: () => Promise<unknown>) => {
    setProblem(null);
    try {
      await work();
      await queryClient.invalidateQueries({ queryKey: ['trainers'] });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    }
  };
  const change = (next: Colleague['role']) =>
    run(async () => {
      await call('putTrainer', { params: { id }, body: { role: next } });
      setRole(next);
    });
  return (
    <Sheet title={name} open onClose={onClose}>
      <Quiet>{trainer.email}</Quiet>
      {problem && <Banner kind="stop" title={problem} />}
      <Choice
        label={`Role of ${name}`}
        options={roles}
        value={role}
        onChange={(next) => void change(next)}
      />
      <Button
        label={
          trainer.standing === 'invited'
            ? 'Make a new invitation'
            : 'Let them choose a new password'
        }
        onPress={() => void run(async () => onLink(await call('linkFor', { params: { id } })))}
      />
      <Section title="Leaving">
        <Body>{`What ${name} did stays under their name. Their clients and coming bookings go to somebody else.`}</Body>
        <HandOver
          label={`Remove ${name}`}
          heirs={colleagues.filter((each) => each.standing === 'active' && each.id !== id)}
          onHandOver={(handTo) =>
            void run(async () => {
              await call('removeTrainer', { params: { id }, body: { handTo } });
              onClose();
            })
          }
        />
      </Section>
    </Sheet>
  );
}
