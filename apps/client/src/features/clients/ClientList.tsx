import type { ListedClient } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { FindBar } from '../../design/FindBar';
import { Row } from '../../design/Row';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { Quiet, Strong, Title } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { useClients } from '../../state/queries';
import { shortDate } from '../../parts/time/day-time';
import { useIntakeDrafts, type IntakeDraft } from '../../parts/client-form/intake-drafts';
import { ordered, orders, type Order } from './client-order';
import { FlagLine } from '../../parts/client/FlagLine';

function UnfinishedIntake({
  draft,
  onGoOn,
  onDrop,
}: {
  draft: IntakeDraft;
  onGoOn: () => void;
  onDrop: () => void;
}) {
  const { name } = draft.form;
  return (
    <View className="flex-row flex-wrap items-center gap-2 rounded-2xl bg-marigold-soft px-4 py-2">
      <View className="min-w-[8rem] flex-1">
        <Strong>{name || 'No name yet'}</Strong>
        <Quiet>{`intake, step ${draft.step + 1} of 5`}</Quiet>
      </View>
      <Button label="Go on" says={`Go on with ${name || 'the intake'}`} onPress={onGoOn} />
      <IconButton icon="close" label={`Drop the intake of ${name || 'no name'}`} onPress={onDrop} />
    </View>
  );
}

function ClientLink({
  client,
  chosen,
  zone,
  now,
}: {
  client: ListedClient;
  chosen: boolean;
  zone: string;
  now: number;
}) {
  const router = useRouter();
  const { lastSessionAt } = client;
  return (
    <Row
      name={client.name}
      end={lastSessionAt ? shortDate(lastSessionAt, zone, now) : 'no session yet'}
      chosen={chosen}
      onPress={() => router.push({ pathname: '/clients/[id]', params: { id: client.id } })}
    >
      <FlagLine client={client} />
    </Row>
  );
}

/** All clients, found by typing, in the order that is asked for; intakes to finish come first. */
export function ClientList({
  zone,
  chosen,
  trainerId,
}: {
  zone: string;
  chosen: string | null;
  trainerId: string;
}) {
  const router = useRouter();
  const [wanted, setWanted] = useState('');
  const [order, setOrder] = useState<Order>('name');
  const { data: clients, isError, refetch } = useClients();
  const drafts = useIntakeDrafts((state) => state.drafts);
  const drop = useIntakeDrafts((state) => state.drop);
  const now = useNow(false);
  const found = ordered(clients ?? [], order).filter((client) =>
    `${client.name} ${client.calledName}`.toLowerCase().includes(wanted.trim().toLowerCase()),
  );
  const unfinished = Object.entries(drafts).filter(([, draft]) => draft.trainerId === trainerId);
  const begin = (draft: string) => router.push({ pathname: '/clients/new', params: { draft } });
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
      <View className="flex-row items-center justify-between gap-3">
        <Title>Clients</Title>
        <IconButton icon="plus" label="Add a client" onPress={() => begin(newId())} />
      </View>
      <FindBar
        label="Find a client"
        hint="Find by name"
        value={wanted}
        onChange={setWanted}
        button={orders.find(({ value }) => value === order)!.label}
        says="Order"
      >
        <Choice label="Order" options={orders} value={order} onChange={setOrder} wrap />
      </FindBar>
      {unfinished.map(([id, draft]) => (
        <UnfinishedIntake key={id} draft={draft} onGoOn={() => begin(id)} onDrop={() => drop(id)} />
      ))}
      {!clients &&
        (isError ? (
          <ErrorState what="Clients could not be fetched" onRetry={() => void refetch()} />
        ) : (
          <LoadingState what="clients" />
        ))}
      {clients?.length === 0 && (
        <EmptyState
          icon="clients"
          title="No clients yet"
          action={
            <Button kind="main" label="Add the first client" onPress={() => begin(newId())} />
          }
        >
          Name, body mass and training age are enough to propose a first session.
        </EmptyState>
      )}
      {clients && clients.length > 0 && found.length === 0 && (
        <Quiet>
          {wanted.trim()
            ? `Nobody ${order === 'archived' ? 'archived ' : ''}is called “${wanted}”.`
            : 'Nobody is archived. An archived client keeps everything and can be restored.'}
        </Quiet>
      )}
      <View role="list" className="border-t border-line">
        {found.map((client) => (
          <View role="listitem" key={client.id}>
            <ClientLink client={client} chosen={client.id === chosen} zone={zone} now={now} />
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
