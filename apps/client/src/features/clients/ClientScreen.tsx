import type { Account } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { useMemo, type ReactNode } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button } from '../../design/Button';
import { Guard } from '../../design/Guard';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { Tabs } from '../../design/Tabs';
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
import { NextSession, useNextBooking } from './NextSession';
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

/** All about one client: who they are and what constrains, then what comes, what was done, how, and the person, each a tab. */
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
  const booking = useNextBooking(client.id, account);
  const draft = useMemo(() => room && draftFor(client, room, unit), [client, room, unit]);
  if (client.past === 'coming') return <LoadingState what="the weights" />;
  if (!room || !draft) return null;
  return (
    <StartingWeights
      client={client}
      draft={draft}
      room={room}
      account={account}
      bookingId={booking?.id}
    />
  );
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

/** What comes: the block, the loads of the session, what any other lift or reps would take, and what the week lacks. */
function ClientNext({ columns, ...page }: PageProps & { columns: boolean }) {
  const { client, room, account } = page;
  const open = useOpenSessions().find((session) => session.clientId === client.id);
  const first = (
    <Guard what="The weights of the next session">
      <Weights {...page} />
    </Guard>
  );
  const rest = (
    <View className="gap-6">
      {room && client.past === 'known' && (
        <Guard what="The load card">
          <LoadCardSection
            client={client}
            room={room}
            profile={profileToday(client, open)}
            account={account}
          />
        </Guard>
      )}
      <Guard what="The block">
        <BlockSection client={client} />
      </Guard>
      {client.past === 'known' && (
        <Guard what="The week">
          <WeekSection client={client} almanac={account.studio} />
        </Guard>
      )}
      <TurnedDownSection client={client} account={account} />
    </View>
  );
  return <Columns wide={columns} left={first} right={rest} />;
}

/** What was done: session by session, and lift by lift over the weeks. */
function ClientProgress({ columns, ...page }: PageProps & { columns: boolean }) {
  const { client, account } = page;
  const sessions = (
    <Section title="Sessions" action={<FromSessions client={client} />}>
      <SessionHistory clientId={client.id} account={account} />
    </Section>
  );
  // What is open beside it stays open while it comes.
  if (client.past === 'coming') return <LoadingState what="the sessions" />;
  if (client.past === 'missing') return sessions;
  const trends = (
    <View className="gap-6">
      <Guard what="The course of the lifts">
        <LiftTrends client={client} account={account} />
      </Guard>
      <Measurements client={client} account={account} />
    </View>
  );
  return columns ? (
    <Columns wide left={sessions} right={trends} />
  ) : (
    <Columns wide={false} left={trends} right={sessions} />
  );
}

/** How it is done: what the marks say, the course of technique, warm-ups, and the set-up for this body. */
function ClientTechnique({ columns, ...page }: PageProps & { columns: boolean }) {
  const { client, room, account } = page;
  if (client.past === 'coming') return <LoadingState what="the sessions" />;
  const seen = client.past === 'known' && (
    <View className="gap-6">
      <Guard what="What the marks say">
        <MarksSay client={client} />
      </Guard>
      <Guard what="The technique">
        <TechniqueTrends client={client} room={room} />
      </Guard>
    </View>
  );
  const setUp = (
    <View className="gap-6">
      <Guard what="The set-up for this body">
        <ForThisBody client={client} />
      </Guard>
      {client.past === 'known' && (
        <Guard what="The warm-ups">
          <WarmUpHabits client={client} account={account} />
        </Guard>
      )}
    </View>
  );
  return <Columns wide={columns} left={seen} right={setUp} />;
}

/** The person: flags, facts, health answers, who coaches them, and all that is kept of them. */
function ClientAbout({ columns, client, account }: PageProps & { columns: boolean }) {
  const { zone } = account.studio;
  const health = (
    <View className="gap-6">
      <FlagList client={client} />
      <ScreeningSection key={client.id} client={client} zone={zone} />
    </View>
  );
  const person = (
    <View className="gap-6">
      <ClientFacts client={client} account={account} />
      <CoachesSection client={client} account={account} />
      <PersonalData client={client} zone={zone} />
    </View>
  );
  return <Columns wide={columns} left={health} right={person} />;
}

/** Two parts beside each other where there is room, one below the other where there is not. */
function Columns({ wide, left, right }: { wide: boolean; left: ReactNode; right: ReactNode }) {
  if (!wide)
    return (
      <View className="gap-6">
        {left}
        {right}
      </View>
    );
  return (
    <View className="flex-row gap-8">
      <View className="min-w-0 flex-1">{left}</View>
      <View className="min-w-0 flex-1">{right}</View>
    </View>
  );
}

const tabs = [
  { value: 'next', label: 'Next' },
  { value: 'progress', label: 'Progress' },
  { value: 'technique', label: 'Technique' },
  { value: 'about', label: 'About' },
] as const;
type TabName = (typeof tabs)[number]['value'];
const parts: Record<TabName, (props: PageProps & { columns: boolean }) => ReactNode> = {
  next: ClientNext,
  progress: ClientProgress,
  technique: ClientTechnique,
  about: ClientAbout,
};

/** The part of the page that the address names; the coming session where it names none. */
function useTab(): [TabName, (tab: TabName) => void] {
  const router = useRouter();
  const { tab } = useLocalSearchParams<{ tab?: string }>();
  const found = tabs.find(({ value }) => value === tab)?.value ?? 'next';
  return [found, (value) => router.setParams({ tab: value })];
}

function ClientPage(page: PageProps) {
  const columns = useWindowDimensions().width >= TWO_COLUMNS;
  const { client, account } = page;
  const [tab, setTab] = useTab();
  const Part = parts[tab];
  return (
    <ScrollView
      className="flex-1"
      contentContainerClassName={`gap-3 p-4 ${columns ? '' : 'max-w-[52rem]'}`}
    >
      <View className="gap-2">
        <ClientHead client={client} account={account} />
        <PastMissing client={client} />
        <NextSession {...page} />
      </View>
      <Tabs label="Parts of the page" options={tabs} value={tab} onChange={setTab} />
      <Part key={tab} {...page} columns={columns} />
    </ScrollView>
  );
}
