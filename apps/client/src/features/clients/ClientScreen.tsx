import { liftById } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { massText } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Section } from '../../design/Section';
import { EmptyState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { attempt } from '../../state/problems';
import { useBookings, useClients, useRooms } from '../../state/queries';
import { useOpenSessions } from '../../state/use-journal';
import { clockTime, dayBounds, shortDate } from '../day/day-time';
import { SessionPlan } from '../day/SessionPlan';
import { draftFor, startSession } from '../floor/actions';
import { useFloorUi } from '../floor/floor-ui';
import { loadReps } from '../floor/words';
import { BookSheet } from './BookSheet';
import { FlagChips } from './FlagChips';
import { FlagList } from './FlagList';
import { ScreeningSection } from './ScreeningSection';
import { SessionHistory } from './SessionHistory';

const DAYS_AHEAD = 30;

function trained(months: number): string {
  if (months === 0) return 'new to training';
  return months < 24
    ? `${months} months of training`
    : `${Math.floor(months / 12)} years of training`;
}

/** All about one client: the brief first, then what is next, what constrains, and what was done. */
export function ClientScreen({ id, account }: { id: string; account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const { zone, unit } = account.studio;
  const { data: clients, isFetching } = useClients();
  const { data: rooms } = useRooms();
  const [booking, setBooking] = useState(false);
  const now = useNow(false);
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: bookings } = useBookings(span.from, span.to, account.trainer.id);
  const open = useOpenSessions().find((session) => session.clientId === id);
  const choose = useFloorUi((state) => state.choose);
  const client = clients?.find((each) => each.id === id);
  const room = rooms?.[0];
  const draft = useMemo(() => client && room && draftFor(client, room, unit), [client, room, unit]);

  if (!clients || (!client && isFetching)) return <LoadingState what="the client" />;
  if (!client) {
    return (
      <View className="p-4">
        <EmptyState
          icon="clients"
          title="No such client"
          action={<Button label="All clients" onPress={() => router.push('/clients')} />}
        >
          They may belong to another studio, or the link is old.
        </EmptyState>
      </View>
    );
  }
  const next = bookings?.find((each) => each.clientId === id && !each.session);
  const start = () => {
    if (open) {
      choose(open.id);
      router.push('/floor');
      return;
    }
    if (!room) return;
    attempt(async () => {
      await startSession(client, room, account, null);
      router.push('/floor');
    });
  };
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[52rem] gap-6 p-4">
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
          <Quiet>{`${massText(client.bodyMassG, unit)} · ${trained(client.trainingMonths)}${client.birthYear ? ` · born ${client.birthYear}` : ''}`}</Quiet>
        </View>
        {client.brief ? <Strong className="text-lead">{client.brief}</Strong> : null}
        {client.goal ? <Body>{`Goal: ${client.goal}`}</Body> : null}
        <FlagChips client={client} />
        <View className="flex-row flex-wrap gap-2">
          <Button
            kind={open ? 'now' : 'main'}
            label={open ? 'On the floor' : 'Start a session now'}
            onPress={start}
            className="flex-1"
          />
          <Button label="Book" says={`Book ${client.name}`} onPress={() => setBooking(true)} />
        </View>
      </View>
      <Section
        title={
          next
            ? `Next: ${shortDate(next.startsAt, zone, now)}, ${clockTime(next.startsAt, zone)}`
            : 'Next session'
        }
      >
        {!next && <Quiet>No booking in the coming month.</Quiet>}
        {draft ? (
          <Card>
            <SessionPlan draft={draft} unit={unit} />
          </Card>
        ) : (
          <LoadingState what="the plan" />
        )}
      </Section>
      <FlagList client={client} />
      {client.reports.length > 0 && (
        <Section title="Lifted before, as they tell it">
          {client.reports.map((report) => (
            <Body key={report.liftId}>
              {`${liftById(report.liftId).name}: ${loadReps(report.loadG, report.reps, unit)}, ${
                report.monthsAgo === 0 ? 'now' : `${report.monthsAgo} months ago`
              }`}
            </Body>
          ))}
        </Section>
      )}
      <Section title="Sessions">
        <SessionHistory clientId={id} zone={zone} />
      </Section>
      <ScreeningSection key={id} client={client} zone={zone} />
      <BookSheet clientId={id} zone={zone} open={booking} onClose={() => setBooking(false)} />
    </ScrollView>
  );
}
