import type { Account, Colleague, OneTimeLink } from '@spalo/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../design/Icon';
import { Section } from '../../design/Section';
import { Quiet, Strong } from '../../design/Words';
import { useTrainers } from '../../state/queries';
import { LinkSheet } from './LinkSheet';
import { TrainerSheet } from './TrainerSheet';

const standings = { active: '', invited: ' · invited', left: ' · has left' };

/** The trainers of the studio; an owner opens one to change what they may do. */
export function TrainersSection({ account }: { account: Account }) {
  const { data: trainers = [] } = useTrainers();
  const [opened, setOpened] = useState<Colleague | null>(null);
  const [made, setMade] = useState<{ link: OneTimeLink; name: string } | null>(null);
  const isOwner = account.trainer.role === 'owner';
  const here = trainers.filter(({ standing }) => standing !== 'left');
  return (
    <Section title="Trainers">
      {here.map((trainer) => {
        const facts = (
          <View className="min-w-0 shrink">
            <Strong>{trainer.name}</Strong>
            <Quiet>{`${trainer.email} · ${trainer.role}${standings[trainer.standing]}`}</Quiet>
          </View>
        );
        const row =
          'min-h-tap flex-row items-center justify-between gap-3 border-b border-line py-1';
        // One's own account is changed above.
        return isOwner && trainer.id !== account.trainer.id ? (
          <Pressable
            key={trainer.id}
            role="button"
            aria-label={`Change ${trainer.name}`}
            onPress={() => setOpened(trainer)}
            className={`${row} active:opacity-80`}
          >
            {facts}
            <Icon name="forward" color="slate" />
          </Pressable>
        ) : (
          <View key={trainer.id} className={row}>
            {facts}
          </View>
        );
      })}
      {opened && (
        <TrainerSheet
          trainer={opened}
          colleagues={here}
          onClose={() => setOpened(null)}
          onLink={(link) => {
            setOpened(null);
            setMade({ link, name: opened.name });
          }}
        />
      )}
      {made && <LinkSheet {...made} zone={account.studio.zone} onClose={() => setMade(null)} />}
    </Section>
  );
}
