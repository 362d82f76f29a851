import type { Account, Client } from '@spalo/contract';
import { type TurnedDown, type TurnedDownReason, turnedDownReasons } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { DateField } from '../../design/DateField';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { useNow } from '../../design/use-now';
import { Body, Quiet, Strong } from '../../design/Words';
import { changeClient } from '../../parts/client/change-client';
import { NO_DAY, formDay, isDay, shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { useRooms } from '../../state/queries';

const DAY_MS = 24 * 3600 * 1000;
const reasons = turnedDownReasons.map((value) => ({ value, label: capital(value) }));

/** What is wrong with the days that were typed; null where nothing is. */
function problemOf(from: string, to: string): { from?: string; to?: string } | null {
  if (!isDay(from)) return { from: NO_DAY };
  if (!isDay(to)) return { to: NO_DAY };
  return from > to ? { to: 'Ends before it begins' } : null;
}

/** When, why and where less is done. */
function TurnDown({
  rooms,
  zone,
  onKeep,
  onClose,
}: {
  rooms: readonly Room[];
  zone: string;
  onKeep: (turned: TurnedDown) => void;
  onClose: () => void;
}) {
  const [from, setFrom] = useState(() => formDay(nowMs(), zone));
  const [to, setTo] = useState(() => formDay(nowMs() + 6 * DAY_MS, zone));
  const [reason, setReason] = useState<TurnedDownReason>('holiday');
  const [roomId, setRoomId] = useState<string>('');
  const [tried, setTried] = useState(false);
  const problem = tried ? problemOf(from, to) : null;
  const keep = () => {
    setTried(true);
    if (!problemOf(from, to)) onKeep({ from, to, reason, ...(roomId && { roomId }) });
  };
  return (
    <Sheet title="Lighter week" open onClose={onClose}>
      <Body>
        Each pattern once, a third fewer sets, a little lighter. A block goes on after them.
      </Body>
      <DateField label="From" value={from} onChange={setFrom} problem={problem?.from ?? null} />
      <DateField label="To" value={to} onChange={setTo} problem={problem?.to ?? null} />
      <Choice label="Why" options={reasons} value={reason} wrap onChange={setReason} />
      {rooms.length > 1 && (
        <ChoiceField
          label="Where they train meanwhile"
          options={[
            { value: '', label: 'The usual room' },
            ...rooms.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={roomId}
          wrap
          onChange={setRoomId}
        />
      )}
      <Button kind="main" big label="Make them lighter" onPress={keep} />
    </Sheet>
  );
}

/** Weeks in which less is planned on purpose, those to come and those that were. */
export function TurnedDownSection({ client, account }: { client: Client; account: Account }) {
  const { data: rooms = [] } = useRooms();
  const [open, setOpen] = useState(false);
  const now = useNow(false);
  const { turnedDown = [] } = client;
  const day = (text: string) => shortDate(`${text}T12:00:00.000Z`, 'UTC', now);
  const put = (all: TurnedDown[], says: string) =>
    attempt(() => changeClient(client, { turnedDown: all }, says));
  const keep = (turned: TurnedDown) => {
    put(
      [...turnedDown, turned].sort((a, b) => (a.from < b.from ? 1 : -1)),
      'Weeks turned down',
    );
    setOpen(false);
  };
  return (
    <Section
      title="Turned-down weeks"
      action={
        <Button label="Turn down" says="Lighter week" icon="plus" onPress={() => setOpen(true)} />
      }
    >
      {turnedDown.length === 0 && <Body>None. Holidays and busy seasons are planned here.</Body>}
      {turnedDown.map((turned) => (
        <View
          key={turned.from + turned.to}
          className="flex-row items-center justify-between gap-3 border-b border-line pb-2"
        >
          <View className="min-w-0 flex-1">
            <Strong>{`${capital(turned.reason)}, ${day(turned.from)} to ${day(turned.to)}`}</Strong>
            {turned.roomId && (
              <Quiet>{rooms.find(({ id }) => id === turned.roomId)?.name ?? 'Another room'}</Quiet>
            )}
          </View>
          <IconButton
            icon="close"
            label={`Take back ${turned.reason} from ${day(turned.from)}`}
            onPress={() =>
              put(
                turnedDown.filter((each) => each !== turned),
                'Ordinary weeks again',
              )
            }
          />
        </View>
      ))}
      {open && (
        <TurnDown
          rooms={rooms}
          zone={account.studio.zone}
          onKeep={keep}
          onClose={() => setOpen(false)}
        />
      )}
    </Section>
  );
}
