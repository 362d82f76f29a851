import { liftById } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import { ageOn, cautionsFor, massText, type Room } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { EmptyState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { attempt } from '../../state/problems';
import { useBookings, useClients, useRooms } from '../../state/queries';
import { profileToday } from '../../state/strength';
import { useOpenSessions } from '../../state/use-journal';
import { clockTime, dayBounds, shortDate } from '../day/day-time';
import { draftFor, startSession } from '../floor/actions';
import { useFloorUi } from '../floor/floor-ui';
import { loadReps } from '../floor/words';
import { useRoomChoice } from '../room/use-room';
import { WarmUpHabits } from '../warm-up/WarmUpHabits';
import { BookSheet } from './BookSheet';
import { FactsSheet } from './FactsSheet';
import { FlagChips } from './FlagChips';
import { FlagList } from './FlagList';
import { LiftTrends } from './LiftTrends';
import { LoadCardSection } from './LoadCardSection';
import { Measurements } from './Measurements';
import { PersonalData } from './PersonalData';
import { ScreeningSection } from './ScreeningSection';
import { SessionHistory } from './SessionHistory';
import { StartingWeights } from './StartingWeights';

const DAYS_AHEAD = 30;
/** From here on the page has two columns beside the list. */
const TWO_COLUMNS = 1180;

function trained(months: number): string {
  if (months === 0) return 'new to training';
  return months < 24
    ? `${months} months of training`
    : `${Math.floor(months / 12)} years of training`;
}

/** All about one client: the brief first, then what is next, what constrains, and what was done. */
export function ClientScreen({ id, account }: { id: string; account: Account }) {
  const router = useRouter();
  const { data: clients, isFetching } = useClients();
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  const client = clients?.find((each) => each.id === id);
  if (!clients || !rooms || (!client && isFetching)) return <LoadingState what="the client" />;
  if (!client) {
    return (
      <View className="p-4">
        <EmptyState
          icon="clients"
          title="No such client"
          action={<Button label="All clients" onPress={() => router.push('/clients')} />}
        >
          They may belong to another studio, have been deleted, or the link is old.
        </EmptyState>
      </View>
    );
  }
  return <ClientPage client={client} room={room} account={account} />;
}

function ClientPage({
  client,
  room,
  account,
}: {
  client: Client;
  room: Room | undefined;
  account: Account;
}) {
  const router = useRouter();
  const wide = useWide();
  const columns = useWindowDimensions().width >= TWO_COLUMNS;
  const { zone, unit } = account.studio;
  const { id } = client;
  const [sheet, setSheet] = useState<'book' | 'facts' | null>(null);
  const now = useNow(false);
  const today = new Date(now).toISOString();
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: bookings } = useBookings(span.from, span.to, account.trainer.id);
  const open = useOpenSessions().find((session) => session.clientId === id);
  const choose = useFloorUi((state) => state.choose);
  const draft = useMemo(() => room && draftFor(client, room, unit), [client, room, unit]);
  const next = bookings?.find((each) => each.clientId === id && !each.session);
  const years = ageOn(client.birthDate, today);
  const start = () => {
    if (open) {
      choose(open.id);
      router.push('/floor');
      return;
    }
    attempt(async () => {
      await startSession(client, room, account, null);
      router.push('/floor');
    });
  };
  const cautions = cautionsFor(client, today);

  const weights = room && draft && (
    <StartingWeights client={client} draft={draft} room={room} account={account} />
  );
  const person = (
    <View className="gap-6">
      <FlagList client={client} />
      <Measurements client={client} account={account} />
      <Section
        title="Facts"
        action={<Button label="Change facts" onPress={() => setSheet('facts')} />}
      >
        {client.availability ? <Body>{`Can come: ${client.availability}`}</Body> : null}
        {client.phone || client.email ? (
          <Body>{[client.phone, client.email].filter(Boolean).join(' · ')}</Body>
        ) : null}
        <Body>
          {client.emergencyContact
            ? `In an emergency: ${client.emergencyContact}`
            : 'No emergency contact yet.'}
        </Body>
        <Body>
          {client.consentAt
            ? `Agreed on ${shortDate(client.consentAt, zone, now)} that health answers are kept.`
            : 'Has not agreed yet that health answers are kept.'}
        </Body>
        {client.reports.map((report) => (
          <Body key={`${report.liftId}/${report.monthsAgo}/${report.loadG}`}>
            {`${liftById(report.liftId).name}: ${loadReps(report.loadG, report.reps, unit)}, ${
              report.monthsAgo === 0 ? 'now' : `${report.monthsAgo} months ago`
            }, as they tell it`}
          </Body>
        ))}
        {client.overrides.map((override) => (
          <Quiet key={override.at + override.liftId}>
            {`Opened: ${liftById(override.liftId).name}${override.range ? `, ${override.range} reps` : ''}, ${shortDate(override.at, zone, now)}. ${override.reason}`}
          </Quiet>
        ))}
      </Section>
      <ScreeningSection key={id} client={client} zone={zone} />
      <PersonalData client={client} />
    </View>
  );
  const record = (
    <View className="gap-6">
      {room && (
        <LoadCardSection
          client={client}
          room={room}
          profile={profileToday(client, open)}
          account={account}
        />
      )}
      <LiftTrends client={client} account={account} />
      <WarmUpHabits client={client} account={account} />
      <Section title="Sessions">
        <SessionHistory clientId={id} zone={zone} />
      </Section>
    </View>
  );

  return (
    <ScrollView
      className="flex-1"
      contentContainerClassName={`gap-6 p-4 ${columns ? '' : 'max-w-[52rem]'}`}
    >
      <View className="gap-2">
        {!wide && (
          <Button
            label="All clients"
            icon="back"
            className="self-start"
            onPress={() => router.push('/clients')}
          />
        )}
        <View className="border-b-[3px] border-ink pb-2">
          <Title>{client.name}</Title>
          <Quiet>
            {[
              massText(client.bodyMassG, unit),
              trained(client.trainingMonths),
              years === null ? '' : `${years} years old`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Quiet>
        </View>
        {client.archivedAt && <Banner title="Archived" />}
        {client.brief ? <Strong className="text-lead">{client.brief}</Strong> : null}
        {client.goal ? <Body>{`Goal: ${client.goal}`}</Body> : null}
        <FlagChips client={client} />
        {cautions.length > 0 && (
          <Banner kind="stop" title={cautions[0]!}>
            {cautions.slice(1).join('. ')}
          </Banner>
        )}
        {!client.screened && (
          <Banner kind="wait" title="Not screened yet">
            Ask the health questions before loaded work.
          </Banner>
        )}
        <Strong role="heading" aria-level={2}>
          {next
            ? `Next: ${shortDate(next.startsAt, zone, now)}, ${clockTime(next.startsAt, zone)}`
            : 'No booking in the coming month'}
        </Strong>
        <View className="flex-row flex-wrap gap-2">
          <Button
            kind={open ? 'now' : 'main'}
            label={open ? 'On the floor' : 'Start a session now'}
            onPress={start}
            className="flex-1"
          />
          <Button label="Book" says={`Book ${client.name}`} onPress={() => setSheet('book')} />
        </View>
      </View>
      {columns ? (
        <View className="flex-row gap-6">
          <View className="min-w-0 flex-1 gap-6">
            {weights}
            {person}
          </View>
          <View className="min-w-0 flex-1">{record}</View>
        </View>
      ) : (
        <>
          {weights}
          {record}
          {person}
        </>
      )}
      {sheet === 'book' && (
        <BookSheet clientId={id} zone={zone} open onClose={() => setSheet(null)} />
      )}
      {sheet === 'facts' && (
        <FactsSheet client={client} account={account} onClose={() => setSheet(null)} />
      )}
    </ScrollView>
  );
}
