import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, ScrollView, TextInput, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { Quiet, Strong, Title } from '../../design/Words';
import { useClients } from '../../state/queries';
import { shortDate } from '../day/day-time';
import { FlagChips } from './FlagChips';

/** All clients by name, found by typing. */
export function ClientList({ zone, chosen }: { zone: string; chosen: string | null }) {
  const router = useRouter();
  const [wanted, setWanted] = useState('');
  const { data: clients, isError, refetch } = useClients();
  const now = useNow(false);
  const found = (clients ?? []).filter((client) =>
    `${client.name} ${client.calledName}`.toLowerCase().includes(wanted.trim().toLowerCase()),
  );
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
      <View className="flex-row items-center justify-between gap-3">
        <Title>Clients</Title>
        <IconButton icon="plus" label="Add a client" onPress={() => router.push('/clients/new')} />
      </View>
      <TextInput
        value={wanted}
        onChangeText={setWanted}
        aria-label="Find a client"
        placeholder="Find by name"
        className="min-h-tap rounded-2xl border-2 border-slate bg-card px-4 font-text text-body text-ink placeholder:text-slate"
      />
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
            <Button
              kind="main"
              label="Add the first client"
              onPress={() => router.push('/clients/new')}
            />
          }
        >
          Name, body mass and training age are enough to propose a first session.
        </EmptyState>
      )}
      {clients && clients.length > 0 && found.length === 0 && (
        <Quiet>{`Nobody is called “${wanted}”.`}</Quiet>
      )}
      <View role="list" className="gap-2">
        {found.map((client) => (
          <View role="listitem" key={client.id}>
            <Pressable
              role="link"
              aria-label={client.name}
              aria-current={client.id === chosen ? 'page' : undefined}
              onPress={() => router.push({ pathname: '/clients/[id]', params: { id: client.id } })}
              className={`gap-1 rounded-2xl border-2 px-4 py-3 active:opacity-80 ${
                client.id === chosen ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
                <Strong className="text-lead">{client.name}</Strong>
                <Quiet>
                  {client.history.lastSessionAt
                    ? shortDate(client.history.lastSessionAt, zone, now)
                    : 'no session yet'}
                </Quiet>
              </View>
              <FlagChips client={client} />
            </Pressable>
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
