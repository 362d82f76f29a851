import type { Account } from '@spalo/contract';
import type { Room } from '@spalo/core';
import { useMemo } from 'react';
import { useRouter } from 'expo-router';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button } from '../../design/Button';
import { Guard } from '../../design/Guard';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { roomToday } from '../../parts/room/room-today';
import { useRoomChoice } from '../../parts/room/use-room';
import { draftFor } from '../../parts/session/visit';
import { ForThisBody } from '../../parts/body/Figures';
import { NoSuchClient } from '../../parts/client/NoSuchClient';
import { PastMissing } from '../../parts/client/PastMissing';
import { useKnownClient } from '../../state/pasts';
import { useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { profileToday } from '../../state/strength';
import { useOpenSessions } from '../../state/use-journal';
import { BlockSection } from './BlockSection';
import { ClientFacts } from './ClientFacts';
import { ClientHead } from './ClientHead';
import { CoachesSection } from './CoachesSection';
import { FlagList } from './FlagList';
import { LiftTrends } from './LiftTrends';
import { LoadCardSection } from './LoadCardSection';
import { MarksSay } from './MarksSay';
import { Measurements } from './Measurements';
import { NextSession } from './NextSession';
import { PersonalData } from './PersonalData';
import { ScreeningSection } from './ScreeningSection';
import { SessionHistory } from './SessionHistory';
import { StartingWeights } from './StartingWeights';
import { TechniqueTrends } from './TechniqueTrends';
import { TurnedDownSection } from './TurnedDownSection';
import { WarmUpHabits } from './WarmUpHabits';
import { WeekSection } from './WeekSection';

/** From here on the page has two columns beside the list. */
const TWO_COLUMNS = 1180;

/** All about one client: the brief first, then what is next, what constrains, and what was done. */
export function ClientScreen({ id, account }: { id: string; account: Account }) {
  const { data: client, isFetching } = useKnownClient(id);
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  if (client === undefined || !rooms || (!client && isFetching))
    return <LoadingState what="the client" />;
  if (!client) return <NoSuchClient />;
  return <ClientPage client={client} room={roomToday(client, rooms, room)} account={account} />;
}

interface PageProps {
  client: KnownClient;
  room: Room | undefined;
  account: Account;
}

/** The loads of the coming session. */
function Weights({ client, room, account }: PageProps) {
  const { unit } = account.studio;
  const draft = useMemo(() => room && draftFor(client, room, unit), [client, room, unit]);
  if (client.past === 'coming') return <LoadingState what="the weights" />;
  if (!room || !draft) return null;
  return <StartingWeights client={client} draft={draft} room={room} account={account} />;
}

/** The ways to look at sets again, and to what the client takes home. */
function FromSessions({ client }: { client: KnownClient }) {
  const router = useRouter();
  const params = { id: client.id };
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button
        label="To take home"
        says={`What ${client.name} takes home`}
        onPress={() => router.push({ pathname: '/clients/[id]/take-home', params })}
      />
      <Button
        icon="watch"
        label="Review"
        says={`Look at the sets of ${client.name} again`}
        onPress={() => router.push({ pathname: '/clients/[id]/review', params })}
      />
    </View>
  );
}

/** What was done and what is known from it. */
function ClientRecord({ client, room, account }: PageProps) {
  const open = useOpenSessions().find((session) => session.clientId === client.id);
  // What is open beside it stays open while it comes.
  if (client.past === 'coming') return <LoadingState what="the sessions" />;
  if (client.past === 'missing') {
    return (
      <Section title="Sessions">
        <SessionHistory clientId={client.id} account={account} />
      </Section>
    );
  }
  return (
    <View className="gap-6">
      <Guard what="What the marks say">
        <MarksSay client={client} />
      </Guard>
      <Guard what="The load card">
        {room && (
          <LoadCardSection
            client={client}
            room={room}
            profile={profileToday(client, open)}
            account={account}
          />
        )}
      </Guard>
      <Guard what="The week">
        <WeekSection client={client} almanac={account.studio} />
      </Guard>
      <Guard what="The technique">
        <TechniqueTrends client={client} room={room} />
      </Guard>
      <Guard what="The course of the lifts">
        <LiftTrends client={client} account={account} />
      </Guard>
      <Guard what="The warm-ups">
        <WarmUpHabits client={client} account={account} />
      </Guard>
      <Section title="Sessions" action={<FromSessions client={client} />}>
        <SessionHistory clientId={client.id} account={account} />
      </Section>
    </View>
  );
}

/** The person: flags, body, facts, health answers, and all that is kept of them. */
function ClientPerson({ client, account }: Omit<PageProps, 'room'>) {
  return (
    <View className="gap-6">
      <FlagList client={client} />
      <TurnedDownSection client={client} account={account} />
      <Guard what="The set-up for this body">
        <ForThisBody client={client} />
      </Guard>
      <Measurements client={client} account={account} />
      <ClientFacts client={client} account={account} />
      <CoachesSection client={client} account={account} />
      <ScreeningSection key={client.id} client={client} zone={account.studio.zone} />
      <PersonalData client={client} zone={account.studio.zone} />
    </View>
  );
}

function ClientPage(page: PageProps) {
  const columns = useWindowDimensions().width >= TWO_COLUMNS;
  const { client, account } = page;
  return (
    <ScrollView
      className="flex-1"
      contentContainerClassName={`gap-6 p-4 ${columns ? '' : 'max-w-[52rem]'}`}
    >
      <View className="gap-2">
        <ClientHead client={client} account={account} />
        <PastMissing client={client} />
        <NextSession {...page} />
      </View>
      {columns ? (
        <View className="flex-row gap-6">
          <View className="min-w-0 flex-1 gap-6">
            <Guard what="The block">
              <BlockSection client={client} />
            </Guard>
            <Guard what="The weights of the next session">
              <Weights {...page} />
            </Guard>
            <ClientPerson client={client} account={account} />
          </View>
          <View className="min-w-0 flex-1">
            <ClientRecord {...page} />
          </View>
        </View>
      ) : (
        <>
          <Guard what="The block">
            <BlockSection client={client} />
          </Guard>
          <Guard what="The weights of the next session">
            <Weights {...page} />
          </Guard>
          <ClientRecord {...page} />
          <ClientPerson client={client} account={account} />
        </>
      )}
    </ScrollView>
  );
}
