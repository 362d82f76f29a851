import type { Account, Booking } from '@spalo/contract';
import { redFlag } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { useNow } from '../../design/use-now';
import { useFloorUi } from '../../parts/lane/floor-ui';
import { startSession } from '../../parts/session/start-session';
import { clockTime, dayBounds, shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { useBookings } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { useOpenSessions } from '../../state/use-journal';
import { BookSheet } from '../../parts/booking/BookSheet';

const DAYS_AHEAD = 30;
/** So long after a session its page is what is wanted next. */
const JUST_NOW_MS = 12 * 3600 * 1000;

/** Right after a session: the way to what the client takes home of it. */
function JustTrained({ client, now }: { client: KnownClient; now: number }) {
  const router = useRouter();
  const { lastSessionAt, id, name } = client;
  if (lastSessionAt === null || now - Date.parse(lastSessionAt) > JUST_NOW_MS) return null;
  return (
    <Button
      label="To take home"
      says={`The page of this session for ${name}`}
      onPress={() => router.push({ pathname: '/clients/[id]/take-home', params: { id } })}
    />
  );
}

/** The next booking of a client within the coming month that no session was done for. */
export function useNextBooking(clientId: string, account: Account): Booking | undefined {
  const { zone } = account.studio;
  const now = useNow(false);
  const span = useMemo(
    () => ({ from: dayBounds(now, zone).from, to: dayBounds(now, zone, DAYS_AHEAD).to }),
    [now, zone],
  );
  const { data: bookings } = useBookings(span.from, span.to, account.trainer.id);
  return bookings?.find((each) => each.clientId === clientId && !each.session);
}

/** When they come next, and the ways to begin now or to book. */
export function NextSession({
  client,
  room,
  account,
}: {
  client: KnownClient;
  room: Room | undefined;
  account: Account;
}) {
  const router = useRouter();
  const [booking, setBooking] = useState(false);
  const [moving, setMoving] = useState(false);
  const { zone } = account.studio;
  const now = useNow(false);
  const next = useNextBooking(client.id, account);
  const open = useOpenSessions().find((session) => session.clientId === client.id);
  const choose = useFloorUi((state) => state.choose);
  const start = () => {
    if (open) {
      choose(open.id);
      router.push('/floor');
      return;
    }
    attempt(async () => {
      await startSession(client, room, account, null);
      router.push('/floor');
    });
  };
  return (
    <>
      <View className="flex-row flex-wrap gap-2 pt-1">
        {(open || !redFlag(client)) && (
          <Button
            kind={open ? 'now' : 'main'}
            label={open ? 'On the floor' : 'Start now'}
            onPress={start}
            disabled={!open && client.past === 'coming'}
            className="min-w-[8rem] max-w-[20rem] grow"
          />
        )}
        <JustTrained client={client} now={now} />
        {next && (
          <Button
            label={`${shortDate(next.startsAt, zone, now)}, ${clockTime(next.startsAt, zone)}`}
            says={`Move the booking of ${client.name}`}
            onPress={() => setMoving(true)}
          />
        )}
        <Button label="Book" says={`Book ${client.name}`} onPress={() => setBooking(true)} />
      </View>
      {moving && next && (
        <BookSheet
          clientId={client.id}
          account={account}
          booking={next}
          onClose={() => setMoving(false)}
        />
      )}
      {booking && (
        <BookSheet clientId={client.id} account={account} onClose={() => setBooking(false)} />
      )}
    </>
  );
}
