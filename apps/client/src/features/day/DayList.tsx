import type { Account, Booking } from '@spalo/contract';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { Quiet, Title } from '../../design/Words';
import { useFloorUi } from '../../parts/lane/floor-ui';
import { startSession } from '../../parts/session/start-session';
import { Guard } from '../../design/Guard';
import { attempt } from '../../state/problems';
import { BookingCard } from './BookingCard';
import type { HourRow } from '../../parts/booking/use-hours';
import type { useDay } from './use-day';

type Day = ReturnType<typeof useDay>;

/** Which day it is, and the ways to the days beside it. */
function DayHead({
  day,
  offset,
  onMove,
}: {
  day: Day;
  offset: number;
  onMove: (offset: number) => void;
}) {
  const router = useRouter();
  const count = day.rows.length;
  const bookings = `${count} ${count === 1 ? 'booking' : 'bookings'}`;
  return (
    <View className="flex-row items-center justify-between gap-3">
      <View className="shrink">
        <Title>{offset === 0 ? 'Today' : offset === 1 ? 'Tomorrow' : day.label}</Title>
        <Quiet>{[day.label, ...(day.waiting ? [] : [bookings])].join(' · ')}</Quiet>
      </View>
      <View className="flex-row gap-2">
        <IconButton icon="day" label="Calendar" onPress={() => router.push('/calendar')} />
        <IconButton icon="back" label="Day before" onPress={() => onMove(offset - 1)} />
        <IconButton icon="forward" label="Day after" onPress={() => onMove(offset + 1)} />
      </View>
    </View>
  );
}

/** Nobody is booked: where else to begin. */
function NobodyBooked() {
  const router = useRouter();
  return (
    <EmptyState
      icon="day"
      title="Nobody is booked"
      action={<Button label="Choose a client" onPress={() => router.push('/clients')} />}
    >
      A client’s page has a place to book, and can start a session without a booking.
    </EmptyState>
  );
}

function Bookings({
  day,
  account,
  chosen,
  onOpen,
}: {
  day: Day;
  account: Account;
  chosen: string | null;
  onOpen: (bookingId: string) => void;
}) {
  const router = useRouter();
  const choose = useFloorUi((state) => state.choose);
  if (day.failed) return <ErrorState what="The day could not be fetched" onRetry={day.refetch} />;
  if (day.waiting) return <LoadingState what="the day" />;
  if (day.rows.length === 0) return <NobodyBooked />;
  const start = ({ booking, client, room }: HourRow) =>
    attempt(async () => {
      await startSession(client, room, account, booking);
      router.push('/floor');
    });
  const toFloor = ({ session }: Booking) => {
    if (session) choose(session.id);
    router.push('/floor');
  };
  return day.rows.map((row) => (
    <Guard key={row.booking.id} what={`The booking of ${row.client.name}`}>
      <BookingCard
        booking={row.booking}
        client={row.client}
        draft={row.draft}
        account={account}
        chosen={chosen === row.booking.id}
        onOpen={() => onOpen(row.booking.id)}
        onStart={() => start(row)}
        onFloor={() => toFloor(row.booking)}
      />
    </Guard>
  ));
}

/** The bookings of a day, each with its brief. */
export function DayList({
  day,
  offset,
  onMove,
  ahead,
  ...rest
}: {
  day: Day;
  offset: number;
  onMove: (offset: number) => void;
  account: Account;
  /** The hour as it will be, in a line. */
  ahead: ReactNode;
  /** The booking whose plan is shown beside the list. */
  chosen: string | null;
  onOpen: (bookingId: string) => void;
}) {
  return (
    <View className="gap-3">
      <DayHead day={day} offset={offset} onMove={onMove} />
      {ahead}
      <Bookings day={day} {...rest} />
    </View>
  );
}
