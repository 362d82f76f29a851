import type { Account, Booking } from '@spalo/contract';
import { nowMs, countText } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Figure, Quiet, Title } from '../../design/Words';
import { nextSlot } from '../../parts/booking/slot';
import { useFloorUi } from '../../parts/lane/floor-ui';
import { clockTime } from '../../parts/time/day-time';
import { startSession } from '../../parts/session/start-session';
import { Guard } from '../../design/Guard';
import { attempt } from '../../state/problems';
import { BookingRow } from './BookingRow';
import { stateOf } from './booking-state';
import { FirstRoom } from './FirstRoom';
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
  const wide = useWide();
  const count = day.rows.length;
  const bookings = countText(count, 'booking');
  return (
    <View>
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <Title className="min-w-0 shrink">
          {offset === 0 ? 'Today' : offset === 1 ? 'Tomorrow' : day.label}
        </Title>
        <View className="flex-row gap-1.5">
          {!wide && (
            <IconButton icon="settings" label="Settings" onPress={() => router.push('/settings')} />
          )}
          <IconButton icon="day" label="Calendar" onPress={() => router.push('/calendar')} />
          <IconButton icon="back" label="Day before" onPress={() => onMove(offset - 1)} />
          <IconButton icon="forward" label="Day after" onPress={() => onMove(offset + 1)} />
        </View>
      </View>
      <Quiet>{[day.label, ...(day.waiting ? [] : [bookings])].join(' · ')}</Quiet>
    </View>
  );
}

/** Nobody is booked: where else to begin. */
function NobodyBooked() {
  const router = useRouter();
  return (
    <View className="gap-4">
      <FirstRoom />
      <EmptyState
        icon="day"
        title="Nobody is booked"
        action={<Button label="Choose a client" onPress={() => router.push('/clients')} />}
      >
        A client’s page has a place to book, and can start a session without a booking.
      </EmptyState>
    </View>
  );
}

interface Hour {
  startsAt: string;
  rows: HourRow[];
}

/** Bookings that start at the same time stand together. */
function hoursOf(rows: readonly HourRow[]): Hour[] {
  const hours: Hour[] = [];
  for (const row of rows) {
    const { startsAt } = row.booking;
    const last = hours.at(-1);
    if (last?.startsAt === startsAt) last.rows.push(row);
    else hours.push({ startsAt, rows: [row] });
  }
  return hours;
}

/** Whether an hour runs: somebody of it is on the floor, or it has begun and is not over. */
const runs = ({ rows }: Hour): boolean =>
  rows.some(({ booking }) => {
    const [start, now] = [Date.parse(booking.startsAt), nowMs()];
    return (
      stateOf(booking) === 'on the floor' ||
      (stateOf(booking) === 'to come' && start <= now && now < start + booking.minutes * 60_000)
    );
  });

/** Those who come at the same time, beside the time; what is now stands on marigold, and `says` what is short. */
function HourOfDay({
  hour,
  zone,
  isNow,
  isNext,
  says,
  children,
}: {
  hour: Hour;
  zone: string;
  isNow: boolean;
  isNext: boolean;
  says: ReactNode;
  children: ReactNode;
}) {
  return (
    <View
      className={`-mx-4 flex-row gap-2 border-t px-4 ${
        isNow ? 'border-t-[3px] border-marigold bg-marigold-soft' : 'border-line'
      }`}
    >
      <View className="w-12 pt-3">
        <Figure className="text-lead leading-6">{clockTime(hour.startsAt, zone)}</Figure>
        {(isNow || isNext) && (
          <Quiet className={`leading-4 ${isNow ? 'text-marigold-text' : ''}`}>
            {isNow ? 'now' : 'next'}
          </Quiet>
        )}
      </View>
      <View className="min-w-0 flex-1">
        {children}
        {says}
      </View>
    </View>
  );
}

function Bookings({
  day,
  account,
  chosen,
  onOpen,
  onStart,
  ahead,
}: {
  day: Day;
  account: Account;
  chosen: string | null;
  onOpen: (bookingId: string) => void;
  onStart: (row: HourRow) => void;
  ahead: ReactNode;
}) {
  const router = useRouter();
  const choose = useFloorUi((state) => state.choose);
  if (day.failed) return <ErrorState what="The day could not be fetched" onRetry={day.refetch} />;
  if (day.waiting) return <LoadingState what="the day" />;
  if (day.rows.length === 0) return <NobodyBooked />;
  const toFloor = ({ session }: Booking) => {
    if (session) choose(session.id);
    router.push('/floor');
  };
  const next = new Set(nextSlot(day.rows).map(({ booking }) => booking.id));
  const hours = hoursOf(day.rows);
  const nextHour = hours.find(({ rows }) => rows.some(({ booking }) => next.has(booking.id)));
  return (
    <View>
      {hours.map((hour) => (
        <HourOfDay
          key={hour.startsAt}
          hour={hour}
          zone={account.studio.zone}
          isNow={runs(hour)}
          isNext={hour === nextHour}
          says={hour === nextHour && ahead}
        >
          {hour.rows.map((row, at) => (
            <Guard key={row.booking.id} what={`The booking of ${row.client.name}`}>
              <View className={at > 0 ? 'border-t border-line' : ''}>
                <BookingRow
                  row={row}
                  account={account}
                  open={next.has(row.booking.id) || stateOf(row.booking) === 'on the floor'}
                  chosen={chosen === row.booking.id}
                  onOpen={() => onOpen(row.booking.id)}
                  onStart={() => onStart(row)}
                  onFloor={() => toFloor(row.booking)}
                />
              </View>
            </Guard>
          ))}
        </HourOfDay>
      ))}
    </View>
  );
}

/** Puts a booked client on the floor, and goes there. */
export function useStart(account: Account) {
  const router = useRouter();
  return ({ booking, client, room }: HourRow) =>
    attempt(async () => {
      await startSession(client, room, account, booking);
      router.push('/floor');
    });
}

/** The bookings of a day by their hours; those of now and next with what is planned. */
export function DayList({
  day,
  offset,
  onMove,
  ...rest
}: {
  day: Day;
  offset: number;
  onMove: (offset: number) => void;
  account: Account;
  /** The next hour as it will be, in a line. */
  ahead: ReactNode;
  /** The booking whose plan is shown beside the list. */
  chosen: string | null;
  onOpen: (bookingId: string) => void;
  onStart: (row: HourRow) => void;
}) {
  return (
    <View className="gap-3">
      <DayHead day={day} offset={offset} onMove={onMove} />
      <Bookings day={day} {...rest} />
    </View>
  );
}
