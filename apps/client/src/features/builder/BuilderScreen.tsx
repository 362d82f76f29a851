import type { Account, Booking } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useSpace } from '../../design/use-space';
import { useWide } from '../../design/use-wide';
import { Quiet, Title } from '../../design/Words';
import { NoSuchClient } from '../../parts/client/NoSuchClient';
import { PastMissing } from '../../parts/client/PastMissing';
import { roomToday } from '../../parts/room/room-today';
import { useRoomChoice } from '../../parts/room/use-room';
import { clockTime, dayBounds, shortDate } from '../../parts/time/day-time';
import { useKnownClient } from '../../state/pasts';
import { useBookings, useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { BuiltList } from './BuiltList';
import { BuilderHead } from './BuilderHead';
import { BuiltWeek } from './BuiltWeek';
import { Lacks } from './Lacks';
import { TakeIt } from './TakeIt';
import { useBuilder } from './use-builder';

const DAYS_AHEAD = 30;

/** A session for a client, built for a booking or for now. */
export function BuilderScreen({
  clientId,
  bookingId,
  account,
}: {
  clientId: string;
  bookingId: string | null;
  account: Account;
}) {
  const { data: client, isFetching } = useKnownClient(clientId);
  const { data: rooms } = useRooms();
  const usual = useRoomChoice(rooms);
  const [now] = useState(() => nowMs());
  const { zone } = account.studio;
  const span = useMemo(
    () => ({ from: dayBounds(now, zone, -1).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: bookings } = useBookings(span.from, span.to, account.trainer.id);
  const booking = bookings?.find(({ id }) => id === bookingId);
  const isComing = client === undefined || !rooms || (bookingId !== null && !bookings);
  if (isComing || (!client && isFetching)) return <LoadingState what="the session" />;
  if (!client) return <NoSuchClient />;
  if (bookingId !== null && !booking)
    return (
      <EmptyState icon="day" title="No such booking">
        It was moved far away, or taken back.
      </EmptyState>
    );
  const room = roomToday(client, rooms, usual, booking);
  if (!room || client.past === 'coming') return <LoadingState what="what they did before" />;
  return (
    <BuilderPage
      key={bookingId}
      client={client}
      rooms={rooms}
      usual={room}
      account={account}
      booking={booking}
      now={now}
    />
  );
}

interface PageProps {
  client: KnownClient;
  rooms: readonly Room[];
  usual: Room;
  account: Account;
  booking: Booking | undefined;
  now: number;
}

function BuilderPage({ client, rooms, usual, account, booking, now }: PageProps) {
  const wide = useWide();
  // With little room the lifts come first, and what to do with them after.
  const { least } = useSpace();
  const [roomId, setRoomId] = useState(usual.id);
  const room = rooms.find(({ id }) => id === roomId) ?? usual;
  const builder = useBuilder(client, room, account, booking);
  const { zone } = account.studio;
  const when = booking
    ? `${shortDate(booking.startsAt, zone, now)}, ${clockTime(booking.startsAt, zone)}`
    : 'now, without a booking';
  const lifts = (
    <View className="gap-4">
      <View className="border-b-[3px] border-ink pb-2">
        <Title>{`Session for ${client.calledName || client.name}`}</Title>
        <Quiet>{when}</Quiet>
      </View>
      <PastMissing client={client} />
      <BuilderHead builder={builder} rooms={rooms} room={room} onRoom={setRoomId} client={client} />
      {builder.failed ? (
        <ErrorState what="The session could not be built" onRetry={builder.again} />
      ) : !builder.built ? (
        <LoadingState what="a session" />
      ) : (
        <>
          <BuiltList builder={builder} client={client} room={room} account={account} />
          <Lacks built={builder.built} builder={builder} />
        </>
      )}
    </View>
  );
  const week = (
    <BuiltWeek
      client={client}
      lifts={builder.lifts}
      atMs={booking ? Date.parse(booking.startsAt) : now}
      almanac={account.studio}
    />
  );
  const take = (
    <TakeIt builder={builder} client={client} room={room} account={account} booking={booking} />
  );
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <View className="min-h-0 flex-1 border-r border-line">
          <ScrollView className="flex-1" contentContainerClassName="p-4">
            {lifts}
          </ScrollView>
          {take}
        </View>
        <ScrollView className="max-w-[34rem] flex-1" contentContainerClassName="p-6">
          {week}
        </ScrollView>
      </View>
    );
  }
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-6 p-4">
        {lifts}
        {week}
        {least && take}
      </ScrollView>
      {!least && take}
    </View>
  );
}
