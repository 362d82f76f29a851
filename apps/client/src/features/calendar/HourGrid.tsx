import type { Unit } from '@spalo/core/unit';
import {
  DndContext,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { useState } from 'react';
import { Pressable, View, type LayoutChangeEvent } from 'react-native';
import { Quiet, Strong } from '../../design/Words';
import { useRem } from '../../design/use-space';
import type { HourRow } from '../../parts/booking/use-hours';
import { clashWords } from '../../parts/booking/clash-words';
import { hourOf, hoursShown, timeText, type CalendarDay } from './days';
import { DragHour } from './DragHour';
import { HourBlock, hourText } from './HourBlock';
import { inLanes } from './lanes';
import { movedBy, useHourSensors } from './use-drag-hours';

/** A drag scrolls the page only right at its edge: what begins near it must not run away. */
const AT_THE_EDGE = { threshold: { x: 0, y: 0.06 } };

/** Height of an hour, rem. */
const HOUR_REM = 4.5;
const LABEL_REM = 3.5;

const screenReaderInstructions = {
  draggable:
    'Enter opens it. Space takes it up; arrows move it by a quarter of an hour or a day; Space puts it down, Escape puts it back.',
};

interface GridProps {
  days: readonly CalendarDay[];
  zone: string;
  unit: Unit;
  nowMs: number;
  /** The name of whose booking it is; null for the one who looks. */
  trainerOf: (row: HourRow) => string | null;
  onOpen: (row: HourRow) => void;
  onMove: (row: HourRow, quarters: number, days: number) => void;
  /** A free hour was chosen. */
  onFree: (day: string, time: string) => void;
}

/** One day's column: hours to press, bookings over them, and the line of now. */
function DayColumn({
  day,
  first,
  last,
  ...grid
}: GridProps & { day: CalendarDay; first: number; last: number }) {
  const { zone, unit, nowMs, trainerOf, onOpen, onFree } = grid;
  const hours = Array.from({ length: last - first }, (_, at) => first + at);
  const now = hourOf(new Date(nowMs).toISOString(), zone);
  return (
    <View className="relative min-w-0 flex-1 border-l border-line">
      {hours.map((hour) => (
        <Pressable
          key={hour}
          role="button"
          tabIndex={-1}
          aria-label={`Book ${day.label}, ${timeText(hour)}`}
          onPress={() => onFree(day.day, timeText(hour))}
          className="border-b border-line"
          style={{ height: `${HOUR_REM}rem` as unknown as number }}
        />
      ))}
      {inLanes(day.rows, ({ booking }) => booking).map(({ hour: row, lane, lanes }) => {
        const { booking } = row;
        // What is over crosses nothing any more.
        const isOver = Date.parse(booking.startsAt) < nowMs;
        const clashes = isOver ? [] : clashWords(row, day.rows, unit);
        const top = (hourOf(booking.startsAt, zone) - first) * HOUR_REM;
        return (
          <DragHour
            key={booking.id}
            id={booking.id}
            says={hourText(row, zone, clashes)}
            fixed={booking.session !== null}
            onOpen={() => onOpen(row)}
            style={{
              position: 'absolute',
              top: `${top}rem`,
              height: `${Math.max(1.5, (booking.minutes / 60) * HOUR_REM)}rem`,
              left: `${(lane / lanes) * 100}%`,
              width: `${100 / lanes}%`,
              padding: 1,
              boxSizing: 'border-box',
            }}
          >
            <HourBlock
              row={row}
              zone={zone}
              clashes={clashes}
              trainer={trainerOf(row)}
              narrow={lanes > 2 && grid.days.length > 1}
            />
          </DragHour>
        );
      })}
      {day.isToday && now >= first && now < last && (
        <View
          aria-hidden
          className="pointer-events-none absolute left-0 right-0 z-10 border-t-[3px] border-marigold"
          style={{ top: `${(now - first) * HOUR_REM}rem` as unknown as number }}
        />
      )}
    </View>
  );
}

/** Days side by side, time running down: what is booked, dragged to another hour or day, and what is free. */
export function HourGrid(grid: GridProps) {
  const { days, zone, onMove } = grid;
  const rem = useRem((state) => state.px);
  const [width, setWidth] = useState(0);
  const { first, last } = hoursShown(days, zone);
  const scale = {
    hourPx: HOUR_REM * rem,
    dayPx: days.length > 1 ? (width - LABEL_REM * rem) / days.length : 0,
  };
  const sensors = useHourSensors(scale);
  const end = ({ active, delta }: DragEndEvent) => {
    const row = days.flatMap(({ rows }) => rows).find(({ booking }) => booking.id === active.id);
    const { quarters, days: byDays } = movedBy(delta, scale);
    if (row && (quarters !== 0 || byDays !== 0)) onMove(row, quarters, byDays);
  };
  const nameOf = (id: UniqueIdentifier) =>
    days.flatMap(({ rows }) => rows).find(({ booking }) => booking.id === id)?.client.name ?? '';
  const announcements: Announcements = {
    onDragStart: ({ active }) => `${nameOf(active.id)} taken up`,
    onDragMove: () => undefined,
    onDragOver: () => undefined,
    onDragEnd: ({ active }) => `${nameOf(active.id)} put down`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} put back`,
  };
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={end}
      autoScroll={AT_THE_EDGE}
      accessibility={{ announcements, screenReaderInstructions }}
    >
      <View onLayout={({ nativeEvent }: LayoutChangeEvent) => setWidth(nativeEvent.layout.width)}>
        {days.length > 1 && (
          <View
            className="flex-row border-b-[3px] border-ink"
            style={{ paddingLeft: `${LABEL_REM}rem` as unknown as number }}
          >
            {days.map((day) => (
              <View key={day.day} className="flex-1 items-center py-1">
                <Strong
                  className={day.isToday ? 'rounded-lg bg-marigold px-2 text-on-marigold' : ''}
                >
                  {day.label}
                </Strong>
              </View>
            ))}
          </View>
        )}
        <View className="flex-row">
          <View aria-hidden style={{ width: `${LABEL_REM}rem` as unknown as number }}>
            {Array.from({ length: last - first }, (_, at) => (
              <View key={at} style={{ height: `${HOUR_REM}rem` as unknown as number }}>
                <Quiet>{timeText(first + at)}</Quiet>
              </View>
            ))}
          </View>
          {days.map((day) => (
            <DayColumn key={day.day} {...grid} day={day} first={first} last={last} />
          ))}
        </View>
      </View>
    </DndContext>
  );
}
