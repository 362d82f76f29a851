import { nowMs } from '@spalo/core/unit';
import type { Account, Booking } from '@spalo/contract';
import { useMemo, useState } from 'react';
import { newId } from '../../state/log/ids';
import { useBookings } from '../../state/queries';
import { clockTime, dayBounds, formDay, isDay } from '../time/day-time';
import { bookingDoubt, readBooking, type TypedBooking } from './booking-form';
import type { Booked } from './change-booking';
import { fromDay, repeated, type Repeat } from './repeat';

const WEEK_MS = 7 * 24 * 3600 * 1000;
/** A repeated booking goes on for a year at the most. */
const DAYS_AHEAD = 370;

/** What a booking begins with: another one, or what was built for it. */
export interface Begin {
  booking?: Booking | undefined;
  built?: Pick<Booking, 'lifts' | 'minutes' | 'roomId'> | undefined;
  /** When a free hour was chosen (ISO). */
  at?: string | undefined;
}

function typedFrom(
  { booking, built, at }: Begin,
  now: number,
  { zone, bookingMinutes = 60 }: Account['studio'],
): TypedBooking {
  const startsAt = booking?.startsAt ?? at;
  return {
    day: formDay(startsAt ? Date.parse(startsAt) : now + WEEK_MS, zone),
    time: startsAt ? clockTime(startsAt, zone) : '09:00',
    minutes: String(booking?.minutes ?? built?.minutes ?? bookingMinutes),
  };
}

/** The fields of a booking, what is wrong or odd about them, and what they come to. */
export function useBookingForm(clientId: string, account: Account, begin: Begin) {
  const { zone } = account.studio;
  const { booking, built } = begin;
  const [now] = useState(() => nowMs());
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: others = [] } = useBookings(span.from, span.to, account.trainer.id);
  const [typed, setTypedOnly] = useState(() => typedFrom(begin, now, account.studio));
  /** The last day that was one: what is typed on the way to another is none. */
  const [lastDay, setLastDay] = useState(typed.day);
  const [trainerId, setTrainer] = useState(booking?.trainerId ?? account.trainer.id);
  const [roomId, setRoom] = useState(booking?.roomId ?? built?.roomId ?? null);
  const [repeat, setRepeat] = useState<Repeat | null>(null);
  const setTyped = (next: TypedBooking) => {
    setTypedOnly(next);
    if (!isDay(next.day)) return;
    setLastDay(next.day);
    if (repeat) setRepeat(fromDay(repeat, lastDay, next.day));
  };
  const [tried, setTried] = useState(false);
  /** What was typed when its doubt was shown: the same again is meant. */
  const [asked, setAsked] = useState<object | null>(null);
  const read = useMemo(() => readBooking(typed, zone), [typed, zone]);
  const times = useMemo(
    // Nothing is repeated from a day or an hour that is none.
    () => (repeat && 'booking' in read ? repeated(repeat, typed, zone) : null),
    [repeat, read, typed, zone],
  );
  const ids = useMemo(() => (times?.startsAt ?? ['']).map(() => newId()), [times]);
  const series = useMemo(() => newId(), []);
  const wanted: Booked[] = useMemo(() => {
    if ('problems' in read) return [];
    const { startsAt, minutes } = read.booking;
    const lifts = built?.lifts ?? booking?.lifts;
    const each = { clientId, minutes, trainerId, roomId, ...(lifts && { lifts }) };
    if (booking) return [{ ...booking, ...each, startsAt }];
    if (!times) return [{ ...each, id: ids[0]!, startsAt }];
    return times.startsAt.map((at, place) => ({
      ...each,
      id: ids[place]!,
      startsAt: at,
      series: { id: series, rule: times.rule },
    }));
  }, [read, clientId, trainerId, roomId, booking, built, times, ids, series]);
  const doubt = bookingDoubt(
    wanted.map((each) => ({ ...each, trainerId })),
    others,
    now,
  );
  /** Whether what is wanted can be done: a doubt is shown first, and the same again is meant. */
  const isMeant = () => {
    setTried(true);
    if (wanted.length === 0) return false;
    setAsked(wanted);
    return doubt === null || asked === wanted;
  };
  return {
    typed,
    setTyped,
    problems: tried && 'problems' in read ? read.problems : {},
    trainerId,
    setTrainer,
    roomId,
    setRoom,
    repeat,
    setRepeat,
    times,
    wanted,
    asks: asked === wanted ? doubt : null,
    isMeant,
    others,
    now,
  };
}

export type BookingForm = ReturnType<typeof useBookingForm>;
