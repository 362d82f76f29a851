import type { Account, Booking } from '@spalo/contract';
import { redFlag } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { useSpace } from '../../design/use-space';
import { putBooking } from '../../parts/booking/change-booking';
import { startSession } from '../../parts/session/start-session';
import { attempt } from '../../state/problems';
import type { KnownClient } from '../../state/resources/known-client';
import { MoreWays } from './MoreWays';
import type { Builder } from './use-builder';

/** What happens with a session that was built: it is kept for its booking, or begun; and the other ways. */
export function TakeIt({
  builder,
  client,
  room,
  account,
  booking,
}: {
  builder: Builder;
  client: KnownClient;
  room: Room;
  account: Account;
  booking: Booking | undefined;
}) {
  const router = useRouter();
  const { least } = useSpace();
  const [more, setMore] = useState(false);
  const { lifts, minutes } = builder;
  const isReady = lifts.length > 0 && builder.isNew;
  const keep = () =>
    attempt(async () => {
      await putBooking({ ...booking!, minutes, lifts, roomId: room.id }, booking!);
      router.push('/day');
    });
  const start = () =>
    attempt(async () => {
      await startSession(client, room, account, { id: null, lifts, minutes });
      router.push('/floor');
    });
  return (
    <View className="flex-row gap-2 border-t border-line bg-paper p-3">
      <Button
        kind="main"
        big={!least}
        label={booking ? 'Save this session' : 'Start this session'}
        disabled={!isReady || (!booking && redFlag(client) !== null)}
        onPress={booking ? keep : start}
        className="flex-1"
      />
      <IconButton
        icon="more"
        label="More to do with it"
        onPress={() => setMore(true)}
        className="px-4"
      />
      {more && (
        <MoreWays
          builder={builder}
          client={client}
          room={room}
          account={account}
          booking={booking}
          onClose={() => setMore(false)}
        />
      )}
    </View>
  );
}
