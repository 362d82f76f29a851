import type { Account } from '@spalo/contract';
import { lazy, Suspense, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { LoadingState } from '../../design/States';
import { Sheet } from '../../design/Sheet';
import { useWide } from '../../design/use-wide';
import { BookSheet } from '../../parts/booking/BookSheet';
import { nextSlot } from '../../parts/booking/slot';
import type { HourRow } from '../../parts/booking/use-hours';
import { stateOf } from './booking-state';
import { DayList, useStart } from './DayList';
import { useDay } from './use-day';

const Brief = lazy(async () => ({ default: (await import('./Brief')).Brief }));
const HourAhead = lazy(async () => ({
  default: (await import('../../parts/booking/HourAhead')).HourAhead,
}));

/** Today's bookings in time's order, each with its brief; beside them, when wide, the plan of one. */
export function DayScreen({ account }: { account: Account }) {
  const wide = useWide();
  const [offset, setOffset] = useState(0);
  const [openId, setOpenId] = useState<string | null>(null);
  const [moving, setMoving] = useState<HourRow | null>(null);
  const day = useDay(account, offset);
  const { rows } = day;
  const opened = rows.find(({ booking }) => booking.id === openId);
  const next = rows.find(({ booking }) => !['done', 'off'].includes(stateOf(booking))) ?? rows[0];
  const shown = opened ?? (wide ? next : undefined);
  const start = useStart(account);
  const slot = nextSlot(rows);
  const brief = shown?.draft && shown.room && (
    <Suspense fallback={<LoadingState what="the brief" />}>
      <Brief
        key={shown.booking.id}
        client={shown.client}
        draft={shown.draft}
        account={account}
        room={shown.room}
        booking={shown.booking}
        titled={wide}
        onStart={wide && slot.includes(shown) ? null : () => start(shown)}
        onMove={() => {
          setOpenId(null);
          setMoving(shown);
        }}
      />
    </Suspense>
  );
  // Its place is kept while it is fetched, so that nothing below moves away from under a thumb.
  const ahead = slot.length > 1 && (
    <Suspense fallback={<View className="min-h-tap" />}>
      <HourAhead slot={slot} account={account} />
    </Suspense>
  );
  const move = moving && (
    <BookSheet
      clientId={moving.client.id}
      account={account}
      booking={moving.booking}
      onClose={() => setMoving(null)}
    />
  );
  const list = (
    <DayList
      day={day}
      offset={offset}
      onMove={setOffset}
      account={account}
      chosen={wide ? (shown?.booking.id ?? null) : null}
      onOpen={setOpenId}
      onStart={start}
      ahead={ahead}
    />
  );
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <ScrollView
          className="max-w-[34rem] flex-1 border-r border-line"
          contentContainerClassName="p-4"
        >
          {list}
        </ScrollView>
        <ScrollView className="flex-1" contentContainerClassName="max-w-[46rem] gap-4 p-6">
          {brief}
        </ScrollView>
        {move}
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
        {brief}
      </Sheet>
      {move}
    </ScrollView>
  );
}
