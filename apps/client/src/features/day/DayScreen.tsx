import type { Account, Booking, Client } from '@spalo/contract';
import type { Room } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Quiet, Strong, Title } from '../../design/Words';
import { attempt } from '../../state/problems';
import { useBookings, useClients, useRooms } from '../../state/queries';
import { FlagChips } from '../clients/FlagChips';
import { draftFor, someone, startSession } from '../floor/actions';
import { useFloorUi } from '../floor/floor-ui';
import { useRoomChoice } from '../room/use-room';
import { BookingCard, stateOf } from './BookingCard';
import { dayBounds } from './day-time';
import { SessionPlan } from './SessionPlan';
import { Banner } from '../../design/Banner';
import { useHeavy } from '../../state/use-heavy';
import { sessionDuration } from '../warm-up/steps-duration';
import { Sheet } from '../../design/Sheet';

/** Today's bookings in time's order, each with its brief; beside them, when wide, the plan of one. */
export function DayScreen({ account }: { account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const [offset, setOffset] = useState(0);
  const [openId, setOpenId] = useState<string | null>(null);
  const minute = Math.floor(useNow(true) / 60_000) * 60_000;
  const { zone, unit } = account.studio;
  const day = useMemo(() => dayBounds(minute, zone, offset), [minute, zone, offset]);
  const bookings = useBookings(day.from, day.to, account.trainer.id);
  const clients = useClients();
  const rooms = useRooms();
  const room = useRoomChoice(rooms.data);
  const choose = useFloorUi((state) => state.choose);

  const drafts = useMemo(() => {
    if (!room) return new Map<string, ReturnType<typeof draftFor>>();
    const booked = new Set(bookings.data?.map((booking) => booking.clientId));
    const known = (clients.data ?? []).filter((client) => booked.has(client.id));
    return new Map(known.map((client) => [client.id, draftFor(client, room, unit)]));
  }, [bookings.data, clients.data, room, unit]);

  // A session cannot start before its room is known, so the day waits for all three.
  const fetched = [bookings, clients, rooms];
  const failed = fetched.some((query) => query.isError && !query.data);
  const waiting = fetched.some((query) => !query.data);
  const rows = (bookings.data ?? []).flatMap((booking) => {
    const client = clients.data?.find((each) => each.id === booking.clientId);
    return client ? [{ booking, client }] : [];
  });
  const opened = rows.find(({ booking }) => booking.id === openId);
  const shown =
    opened ??
    (wide ? (rows.find(({ booking }) => stateOf(booking) !== 'done') ?? rows[0]) : undefined);

  const start = (booking: Booking, client: Client) =>
    attempt(async () => {
      await startSession(client, room, account, booking.id);
      router.push('/floor');
    });
  const toFloor = (booking: Booking) => {
    if (booking.session) choose(booking.session.id);
    router.push('/floor');
  };

  const list = (
    <View className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <View className="shrink">
          <Title>{offset === 0 ? 'Today' : offset === 1 ? 'Tomorrow' : day.label}</Title>
          <Quiet>{`${day.label} · ${rows.length} ${rows.length === 1 ? 'booking' : 'bookings'}`}</Quiet>
        </View>
        <View className="flex-row gap-2">
          <IconButton icon="back" label="Day before" onPress={() => setOffset(offset - 1)} />
          <IconButton icon="forward" label="Day after" onPress={() => setOffset(offset + 1)} />
        </View>
      </View>
      {failed ? (
        <ErrorState
          what="The day could not be fetched"
          onRetry={() => {
            void bookings.refetch();
            void clients.refetch();
            void rooms.refetch();
          }}
        />
      ) : waiting ? (
        <LoadingState what="the day" />
      ) : rows.length === 0 ? (
        <EmptyState
          icon="day"
          title="Nobody is booked"
          action={<Button label="Choose a client" onPress={() => router.push('/clients')} />}
        >
          A client’s page has a place to book, and can start a session without a booking.
        </EmptyState>
      ) : (
        rows.map(({ booking, client }) => (
          <BookingCard
            key={booking.id}
            booking={booking}
            client={client}
            draft={drafts.get(client.id) ?? null}
            account={account}
            chosen={wide && shown?.booking.id === booking.id}
            onOpen={() => setOpenId(booking.id)}
            onStart={() => start(booking, client)}
            onFloor={() => toFloor(booking)}
          />
        ))
      )}
    </View>
  );
  const detail = shown && drafts.get(shown.client.id);
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <ScrollView
          className="max-w-[36rem] flex-1 border-r-2 border-line"
          contentContainerClassName="p-4"
        >
          {list}
        </ScrollView>
        <ScrollView className="flex-1" contentContainerClassName="max-w-[46rem] gap-4 p-6">
          {shown && detail && room && (
            <Brief
              key={shown.client.id}
              client={shown.client}
              draft={detail}
              account={account}
              room={room}
              minutes={shown.booking.minutes}
            />
          )}
        </ScrollView>
      </View>
    );
  }
  return (
    <ScrollView className="flex-1" contentContainerClassName="p-4">
      {list}
      <Sheet
        title={opened?.client.name ?? ''}
        open={opened !== undefined}
        onClose={() => setOpenId(null)}
      >
        {opened && detail && room && (
          <Brief
            client={opened.client}
            draft={detail}
            account={account}
            room={room}
            minutes={opened.booking.minutes}
            titled={false}
          />
        )}
      </Sheet>
    </ScrollView>
  );
}

/** What to know before they walk in, and the session that is planned. */
function Brief({
  client,
  draft,
  account,
  room,
  minutes,
  titled = true,
}: {
  client: Client;
  draft: ReturnType<typeof draftFor>;
  account: Account;
  room: Room;
  /** What was booked. */
  minutes: number;
  titled?: boolean;
}) {
  const router = useRouter();
  const { unit } = account.studio;
  const task = useMemo(() => someone(client, room, account), [client, room, account]);
  const whole = useHeavy('draft', task);
  const seconds = useMemo(
    () => whole && sessionDuration(whole.lifts, whole.general.steps, room),
    [whole, room],
  );
  const late = seconds ? Math.round(seconds.totalS / 60) - minutes : 0;
  return (
    <View className="gap-4">
      {titled && (
        <View className="border-b-[3px] border-ink pb-2">
          <Title level={2}>{client.name}</Title>
          {client.goal ? <Quiet>{client.goal}</Quiet> : null}
        </View>
      )}
      {client.brief ? <Strong>{client.brief}</Strong> : null}
      <FlagChips client={client} />
      {client.flags
        .filter((flag) => flag.note && flag.state !== 'closed')
        .map((flag) => (
          <Quiet key={flag.id}>{`${flag.place}: ${flag.note}`}</Quiet>
        ))}
      {late > 0 && (
        <Banner icon="alert" title={`About ${late} min longer than the ${minutes} min booked`}>
          Fit the warm-up into less time on the floor, or leave a lift out.
        </Banner>
      )}
      <SessionPlan draft={draft} whole={whole} seconds={seconds} unit={unit} />
      <Button
        label="Open the client’s page"
        onPress={() => router.push({ pathname: '/clients/[id]', params: { id: client.id } })}
      />
    </View>
  );
}
