import type { Account } from '@spalo/contract';
import { isExpected } from '@spalo/core/planning';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Quiet } from '../../design/Words';
import { BookSheet } from '../../parts/booking/BookSheet';
import { Packing } from '../../parts/booking/Packing';
import type { HourRow } from '../../parts/booking/use-hours';
import { FlagChips } from '../../parts/client/FlagChips';
import { clockTime } from '../../parts/time/day-time';
import { clashWords } from '../../parts/booking/clash-words';
import { slotOf } from '../../parts/booking/slot';

/** A booking that was opened: who, what crosses it, what its slot needs from the room, and the ways on. */
export function OpenHour({
  row,
  rows,
  account,
  onClose,
}: {
  row: HourRow;
  rows: readonly HourRow[];
  account: Account;
  onClose: () => void;
}) {
  const router = useRouter();
  const [moving, setMoving] = useState(false);
  const { booking, client } = row;
  const clashes = clashWords(row, rows, account.studio.unit);
  if (moving) {
    return <BookSheet clientId={client.id} account={account} booking={booking} onClose={onClose} />;
  }
  const to = (pathname: '/clients/[id]' | '/clients/[id]/build') =>
    router.push({
      pathname,
      params: { id: client.id, ...(pathname.endsWith('build') && { booking: booking.id }) },
    });
  return (
    <Sheet title={client.name} open onClose={onClose}>
      <Quiet>
        {`${clockTime(booking.startsAt, account.studio.zone)}, ${booking.minutes} min${isExpected(booking) ? '' : ` · ${booking.state}`}`}
      </Quiet>
      {client.brief ? <Quiet className="text-ink">{client.brief}</Quiet> : null}
      <FlagChips client={client} />
      {clashes.map((text) => (
        <Banner key={text} icon="alert" title={text} />
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Move or cancel" onPress={() => setMoving(true)} className="flex-1" />
        {!booking.session && (
          <Button
            label="Build"
            says="Build the session"
            onPress={() => to('/clients/[id]/build')}
            className="flex-1"
          />
        )}
        <Button
          label="Client"
          says="Open the client’s page"
          onPress={() => to('/clients/[id]')}
          className="flex-1"
        />
      </View>
      <Packing rows={slotOf(row, rows)} account={account} />
    </Sheet>
  );
}
