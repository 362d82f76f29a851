import type { Account, Booking, Client } from '@spalo/contract';
import type { TurnedDown } from '@spalo/core/person';
import { countText, dayPlus, shortDay } from '@spalo/core/unit';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { LoadingState } from '../../design/States';
import { Body, Strong } from '../../design/Words';
import { BookSheet } from '../../parts/booking/BookSheet';
import { changeMany } from '../../parts/booking/change-booking';
import { clockTime, dayAndTime, instantOf } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { useBookings } from '../../state/queries';

/** So far after the return a booking is looked for. */
const DAYS_AFTER = 28;
/** Midnight, from which days are counted. */
const MIDNIGHT = '00:00';
/** When somebody without a usual hour is first booked. */
const MORNING = '09:00';

/** The bookings that a time away falls on, to be cancelled in a tap, and the first one after it. */
export function AwayBookings({
  client,
  account,
  away: { from, to },
  onClose,
}: {
  client: Client;
  account: Account;
  away: TurnedDown;
  onClose: () => void;
}) {
  const { zone } = account.studio;
  const [booking, setBooking] = useState(false);
  const startOf = (day: string) => instantOf(day, MIDNIGHT, zone) ?? `${day}T00:00:00.000Z`;
  const back = startOf(dayPlus(to, 1));
  const end = startOf(dayPlus(to, 1 + DAYS_AFTER));
  const { data, isError } = useBookings(startOf(from), end, account.trainer.id);
  const own = data?.filter(
    ({ clientId, session, state = 'booked' }) =>
      clientId === client.id && !session && state === 'booked',
  );
  const missed = own?.filter(({ startsAt }) => startsAt < back) ?? [];
  const returns = own?.find(({ startsAt }) => startsAt >= back);
  const before = data?.find(({ clientId }) => clientId === client.id);
  const hour = before ? clockTime(before.startsAt, zone) : MORNING;
  const usual = instantOf(dayPlus(to, 1), hour, zone) ?? undefined;
  const cancel = (all: readonly Booking[]) =>
    attempt(async () => {
      const off = all.map((each) => ({ ...each, state: 'cancelled in time' as const }));
      await changeMany(off, all, `${countText(all.length, 'booking')} cancelled`);
    });
  return (
    <>
      <Sheet title={`Away until ${shortDay(to)}`} open onClose={onClose}>
        {!own && !isError && <LoadingState what="the bookings" />}
        {isError && !own && (
          <Body>
            Without network it is not known what is booked then: look at the calendar later.
          </Body>
        )}
        {missed.length > 0 && (
          <>
            <Strong>{`${countText(missed.length, 'booking')} while they are away`}</Strong>
            {missed.map(({ id, startsAt }) => (
              <Body key={id}>{dayAndTime(startsAt, zone)}</Body>
            ))}
            <Button
              kind="stop"
              label={`Cancel ${countText(missed.length, 'booking')}`}
              onPress={() => cancel(missed)}
            />
          </>
        )}
        {own && missed.length === 0 && <Body>Nothing is booked while they are away.</Body>}
        {own &&
          (returns ? (
            <Body>{`The first session back: ${dayAndTime(returns.startsAt, zone)}.`}</Body>
          ) : (
            <>
              <Body>Nothing is booked in the four weeks after.</Body>
              <Button label="Book the return" icon="plus" onPress={() => setBooking(true)} />
            </>
          ))}
        <Button label="Done" onPress={onClose} />
      </Sheet>
      {booking && (
        <BookSheet
          account={account}
          clientId={client.id}
          at={usual}
          onClose={() => setBooking(false)}
        />
      )}
    </>
  );
}
