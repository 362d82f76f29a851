import { nowMs, dayPlus, LANGUAGE } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Icon } from '../../design/Icon';
import { capital } from '../../design/sentence';
import { Quiet, Title } from '../../design/Words';
import { allClashes } from '../../parts/booking/clash-words';
import { putBooking } from '../../parts/booking/change-booking';
import { useHours, type HourRow } from '../../parts/booking/use-hours';
import {
  clockTime,
  dayBounds,
  formDay,
  instantOf,
  shortDate,
  weekBounds,
} from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { useClients, useTrainers } from '../../state/queries';
import { BookAt } from './BookAt';
import { daysFrom, hourOf, timeText } from './days';
import { HourGrid } from './HourGrid';
import { OpenHour } from './OpenHour';
import { TurnedDownLine } from './TurnedDownLine';
import { WeekList } from './WeekList';

type Span = 'day' | 'week';
const spans = [
  { value: 'day', label: 'Day' },
  { value: 'week', label: 'Week' },
] as const;
const EVERYBODY = '';

/** The day or week that is looked at, with its bookings. */
function useCalendar(account: Account) {
  const wide = useWide();
  const { zone } = account.studio;
  const now = useNow(false);
  const [span, setSpan] = useState<Span>(wide ? 'week' : 'day');
  const [offset, setOffset] = useState(0);
  const [trainerId, setTrainer] = useState(EVERYBODY);
  const bounds = useMemo(
    () =>
      span === 'week' ? weekBounds(now, account.studio, offset) : dayBounds(now, zone, offset),
    [now, zone, account.studio, offset, span],
  );
  const hours = useHours(account, bounds.from, bounds.to);
  const days = useMemo(() => {
    const shown = hours.rows.filter(
      ({ booking }) => trainerId === EVERYBODY || booking.trainerId === trainerId,
    );
    return daysFrom(Date.parse(bounds.from), span === 'week' ? 7 : 1, shown, zone, now);
  }, [hours.rows, bounds, span, zone, now, trainerId]);
  const choose = (next: Span) => {
    setSpan(next);
    setOffset(0);
  };
  return { span, choose, offset, setOffset, trainerId, setTrainer, days, now, ...hours };
}

type Calendar = ReturnType<typeof useCalendar>;

function CalendarHead({
  calendar,
  account,
  onBook,
}: {
  calendar: Calendar;
  account: Account;
  onBook: () => void;
}) {
  const { span, choose, offset, setOffset, days } = calendar;
  const { data: trainers = [] } = useTrainers();
  const here = trainers.filter(({ standing }) => standing !== 'left');
  const [first] = days;
  const title =
    span === 'week'
      ? `Week of ${first!.label.slice(4)} ${monthOf(first!.day)}`
      : `${first!.label} ${monthOf(first!.day)}`;
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-3">
        <Title>{title}</Title>
        <View className="flex-row gap-2">
          <IconButton
            icon="back"
            label={`The ${span} before`}
            onPress={() => setOffset(offset - 1)}
          />
          {offset !== 0 && <Button label="Now" onPress={() => setOffset(0)} />}
          <IconButton
            icon="forward"
            label={`The ${span} after`}
            onPress={() => setOffset(offset + 1)}
          />
        </View>
      </View>
      <View className="flex-row flex-wrap gap-3">
        <Choice label="Day or week" options={spans} value={span} wrap onChange={choose} />
        <Button kind="main" icon="plus" label="Book" onPress={onBook} />
        {here.length > 1 && (
          <Choice
            label="Whose bookings"
            options={[
              { value: EVERYBODY, label: 'Everybody' },
              ...here.map(({ id, name }) => ({
                value: id,
                label: id === account.trainer.id ? 'You' : name.split(' ')[0]!,
                says: name,
              })),
            ]}
            value={calendar.trainerId}
            wrap
            onChange={calendar.setTrainer}
          />
        )}
      </View>
    </View>
  );
}

/** Where bookings cross, in words, each the way to one of them. */
function Crossings({
  rows,
  account,
  onOpen,
}: {
  rows: readonly HourRow[];
  account: Account;
  onOpen: (row: HourRow) => void;
}) {
  const { zone, unit } = account.studio;
  const clashes = useMemo(() => allClashes(rows, unit), [rows, unit]);
  const [now] = useState(() => nowMs());
  const coming = clashes.filter(({ row }) => Date.parse(row.booking.startsAt) > now);
  if (coming.length === 0) return null;
  return (
    <View className="rounded-2xl bg-oxide-soft px-3">
      {coming.map(({ row, text }) => (
        <Pressable
          key={text}
          role="button"
          onPress={() => onOpen(row)}
          className="min-h-[44px] flex-row items-center gap-2 active:opacity-70"
        >
          <Icon name="alert" size={18} color="oxide" />
          <Quiet className="min-w-0 flex-1 text-ink">
            {`${capital(shortDate(row.booking.startsAt, zone, now))}, ${clockTime(row.booking.startsAt, zone)}: ${text}.`}
          </Quiet>
          <Icon name="forward" size={18} color="slate" />
        </Pressable>
      ))}
    </View>
  );
}

const monthOf = (day: string) =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString(LANGUAGE, { month: 'long', timeZone: 'UTC' });

/** A booking moved by quarters of an hour and days, on the wall clock of the studio. */
function movedTo(row: HourRow, quarters: number, days: number, zone: string): string | null {
  const { startsAt } = row.booking;
  const day = formDay(Date.parse(startsAt), zone);
  const to = dayPlus(day, days);
  const hour = Math.round(hourOf(startsAt, zone) * 4) / 4 + quarters / 4;
  return instantOf(to, timeText(Math.max(0, Math.min(23.75, hour))), zone);
}

/** The bookings of a day or a week, of one trainer or of all. */
export function CalendarScreen({ account }: { account: Account }) {
  const wide = useWide();
  const { zone } = account.studio;
  const calendar = useCalendar(account);
  const { days, span, now } = calendar;
  const { data: clients = [] } = useClients();
  const { data: trainers = [] } = useTrainers();
  const [opened, setOpened] = useState<string | null>(null);
  const [free, setFree] = useState<{ day: string; time: string } | null>(null);
  const rows = days.flatMap((day) => day.rows);
  const open = rows.find(({ booking }) => booking.id === opened);
  const trainerOf = ({ booking }: HourRow) =>
    booking.trainerId === account.trainer.id
      ? null
      : (trainers.find(({ id }) => id === booking.trainerId)?.name ?? null);
  const move = (row: HourRow, quarters: number, byDays: number) => {
    const startsAt = movedTo(row, quarters, byDays, zone);
    const { booking } = row;
    if (!startsAt) return;
    const says = `${row.client.name} moved to ${clockTime(startsAt, zone)}`;
    attempt(() => putBooking({ ...booking, startsAt }, booking, says));
  };
  const soon = timeText(Math.ceil(hourOf(new Date(now).toISOString(), zone)));
  const [first] = days;
  return (
    <ScrollView className="flex-1" contentContainerClassName={`gap-4 p-4 ${wide ? 'p-6' : ''}`}>
      <CalendarHead
        calendar={calendar}
        account={account}
        onBook={() =>
          setFree({ day: days.find(({ isToday }) => isToday)?.day ?? first!.day, time: soon })
        }
      />
      <TurnedDownLine days={days} clients={clients} />
      <Crossings rows={rows} account={account} onOpen={(row) => setOpened(row.booking.id)} />
      {calendar.failed ? (
        <ErrorState what="The bookings could not be fetched" onRetry={calendar.refetch} />
      ) : calendar.waiting ? (
        <LoadingState what="the bookings" />
      ) : span === 'week' && !wide ? (
        <WeekList
          days={days}
          zone={zone}
          unit={account.studio.unit}
          nowMs={now}
          trainerOf={trainerOf}
          onOpen={(row) => setOpened(row.booking.id)}
        />
      ) : (
        <HourGrid
          days={days}
          zone={zone}
          unit={account.studio.unit}
          nowMs={now}
          trainerOf={trainerOf}
          onOpen={(row) => setOpened(row.booking.id)}
          onMove={move}
          onFree={(day, time) => setFree({ day, time })}
        />
      )}
      {open && (
        <OpenHour row={open} rows={rows} account={account} onClose={() => setOpened(null)} />
      )}
      {free && (
        <BookAt
          at={instantOf(free.day, free.time, zone)}
          account={account}
          onClose={() => setFree(null)}
        />
      )}
    </ScrollView>
  );
}
