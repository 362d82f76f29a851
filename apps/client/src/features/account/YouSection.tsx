import { countText } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { useState } from 'react';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { download } from '../../state/download';
import { attempt } from '../../state/problems';
import { useTrainers } from '../../state/queries';
import { useOutbox } from '../../state/use-journal';
import { leave } from './account-actions';
import { HandOver } from './HandOver';

/** Who is signed in: signing out, taking the own data along, leaving the studio. */
export function YouSection({ account }: { account: Account }) {
  const { waiting } = useOutbox();
  const { data: trainers = [] } = useTrainers();
  const [problem, setProblem] = useState<string | null>(null);
  const { id, name, email, role } = account.trainer;
  const run = (work: () => Promise<unknown>, otherwise: string) => () => {
    setProblem(null);
    work().catch((error: unknown) =>
      setProblem(error instanceof Error && error.name === 'ApiProblem' ? error.message : otherwise),
    );
  };
  const takeAlong = async () => {
    const data = await call('ownData', {});
    download('my-own-data.json', 'application/json', JSON.stringify(data, null, 2));
  };
  return (
    <Section title="You">
      <Strong>{name}</Strong>
      <Quiet>{`${email} · ${role}`}</Quiet>
      {problem && <Banner kind="stop" title={problem} />}
      {waiting.length > 0 && (
        <Body>
          {`${countText(waiting.length, 'thing is', 'things are')} not sent yet. After signing out they stay on this device, for you alone, until you sign in here again.`}
        </Body>
      )}
      <Button label="Sign out" onPress={run(leave, 'Signing out needs the network.')} />
      <Button label="Download what is kept about me" onPress={() => attempt(takeAlong)} />
      <HandOver
        label="Leave this studio"
        heirs={trainers.filter((each) => each.standing === 'active' && each.id !== id)}
        onHandOver={(handTo) =>
          run(async () => {
            await call('removeTrainer', { params: { id }, body: { handTo } });
            await leave();
          }, 'Leaving needs the network.')()
        }
      />
    </Section>
  );
}
