import type { Unit } from '@spalo/core/unit';
import { Pressable, View } from 'react-native';
import { Quiet, Strong } from '../../design/Words';
import type { HourRow } from '../../parts/booking/use-hours';
import { clashWords } from '../../parts/booking/clash-words';
import type { CalendarDay } from './days';
import { HourBlock, hourText } from './HourBlock';

/** A week on a phone: day below day, what is booked beside each other as it comes. */
export function WeekList({
  days,
  zone,
  unit,
  nowMs,
  trainerOf,
  onOpen,
}: {
  days: readonly CalendarDay[];
  zone: string;
  unit: Unit;
  nowMs: number;
  trainerOf: (row: HourRow) => string | null;
  onOpen: (row: HourRow) => void;
}) {
  return (
    <View className="gap-4">
      {days.map((day) => (
        <View key={day.day} className="gap-1">
          <Strong
            role="heading"
            aria-level={2}
            className={`self-start ${day.isToday ? 'rounded-lg bg-marigold px-2 text-on-marigold' : ''}`}
          >
            {day.label}
          </Strong>
          {day.rows.length === 0 && <Quiet>Nobody</Quiet>}
          <View className="flex-row flex-wrap">
            {day.rows.map((row) => {
              const isOver = Date.parse(row.booking.startsAt) < nowMs;
              const clashes = isOver ? [] : clashWords(row, day.rows, unit);
              return (
                <Pressable
                  key={row.booking.id}
                  role="button"
                  aria-label={hourText(row, zone, clashes)}
                  onPress={() => onOpen(row)}
                  className="min-h-[4.5rem] w-1/2 p-0.5 active:opacity-80"
                >
                  <HourBlock row={row} zone={zone} clashes={clashes} trainer={trainerOf(row)} />
                </Pressable>
              );
            })}
          </View>
        </View>
      ))}
    </View>
  );
}
