import { listText } from '@spalo/core/unit';
import type { Account, Client, Colleague } from '@spalo/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Icon } from '../../design/Icon';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Body, Strong } from '../../design/Words';
import { offerBack } from '../../state/changes/take-back';
import { attempt } from '../../state/problems';
import { useTrainers } from '../../state/queries';
import { queryClient } from '../../state/query-client';

const put = async (clientId: string, trainerIds: string[]) => {
  await call('putCoaches', { params: { id: clientId }, body: { trainerIds } });
  await queryClient.invalidateQueries({ queryKey: ['clients'] });
};

/** One trainer, who coaches the client or does not. */
function Row({ name, on, onPress }: { name: string; on: boolean; onPress: () => void }) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={on}
      aria-label={name}
      onPress={onPress}
      className="min-h-tap flex-row items-center justify-between gap-3 border-b border-line py-1 active:opacity-80"
    >
      <Strong className="min-w-0 shrink">{name}</Strong>
      {on && <Icon name="check" color="moss" />}
    </Pressable>
  );
}

function CoachesSheet({
  client,
  coaches,
  trainers,
  me,
  onClose,
}: {
  client: Client;
  coaches: readonly string[];
  trainers: readonly Colleague[];
  me: string;
  onClose: () => void;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(coaches));
  const turn = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const keep = () =>
    attempt(async () => {
      await put(client.id, [...chosen]);
      offerBack({
        says: `Who coaches ${client.name} changed`,
        back: () => put(client.id, [...coaches]),
      });
      onClose();
    });
  return (
    <Sheet title={`Who coaches ${client.calledName || client.name}`} open onClose={onClose}>
      {trainers.map(({ id, name }) => (
        <Row key={id} name={name} on={chosen.has(id)} onPress={() => turn(id)} />
      ))}
      {coaches.includes(me) && !chosen.has(me) && (
        <Banner title="The screening answers close for you." />
      )}
      {chosen.size === 0 && <Banner kind="stop" title="Somebody coaches them: choose one." />}
      <Button kind="main" label="Save" disabled={chosen.size === 0} onPress={keep} />
    </Sheet>
  );
}

/** Who coaches a client, where there is more than one who could; their own trainers and owners change it. */
export function CoachesSection({ client, account }: { client: Client; account: Account }) {
  const { data: trainers = [] } = useTrainers();
  const [open, setOpen] = useState(false);
  const { coaches } = client;
  const here = trainers.filter(({ standing }) => standing !== 'left');
  if (!coaches || here.length < 2) return null;
  const names = here.filter(({ id }) => coaches.includes(id)).map(({ name }) => name);
  return (
    <Section title="Coached by">
      <View className="flex-row items-center justify-between gap-3">
        <Body className="min-w-0 shrink">{listText(names)}</Body>
        {(client.mine || account.trainer.role === 'owner') && (
          <Button
            label="Change"
            says={`Change who coaches ${client.name}`}
            onPress={() => setOpen(true)}
          />
        )}
      </View>
      {open && (
        <CoachesSheet
          client={client}
          coaches={coaches}
          trainers={here}
          me={account.trainer.id}
          onClose={() => setOpen(false)}
        />
      )}
    </Section>
  );
}
