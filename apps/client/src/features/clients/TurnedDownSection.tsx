import type { Account, Client } from '@spalo/contract';
import type { TurnedDown } from '@spalo/core/person';
import { shortDay } from '@spalo/core/unit';
import { lazy, Suspense, useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { changeClient } from '../../parts/client/change-client';
import { lessText } from '../../parts/words/less-words';
import { attempt } from '../../state/problems';
import { useRooms } from '../../state/queries';

// Both are opened now and then: they are fetched when they are.
const PlanLess = lazy(async () => ({ default: (await import('./PlanLess')).PlanLess }));
const AwayBookings = lazy(async () => ({
  default: (await import('./AwayBookings')).AwayBookings,
}));

/** Weeks in which less is planned on purpose, and those without any training: to come, and those that were. */
export function TurnedDownSection({ client, account }: { client: Client; account: Account }) {
  const { data: rooms = [] } = useRooms();
  const [open, setOpen] = useState(false);
  const [left, setLeft] = useState<TurnedDown | null>(null);
  const { turnedDown = [] } = client;
  const put = (all: TurnedDown[], says: string) =>
    attempt(() => changeClient(client, { turnedDown: all }, says));
  const keep = (less: TurnedDown) => {
    put(
      [...turnedDown, less].sort((a, b) => (a.from < b.from ? 1 : -1)),
      lessText(less),
    );
    setOpen(false);
    if (less.away) setLeft(less);
  };
  return (
    <Section
      title="Lighter weeks and time away"
      action={
        <Button
          label="Plan"
          says="Plan a lighter week or time away"
          icon="plus"
          onPress={() => setOpen(true)}
        />
      }
    >
      {turnedDown.length === 0 && <Body>None. Holidays and busy seasons are planned here.</Body>}
      {turnedDown.map((less) => (
        <View
          key={less.from + less.to}
          className="flex-row items-center justify-between gap-3 border-b border-line pb-2"
        >
          <View className="min-w-0 flex-1">
            <Strong>{`${lessText(less)}, ${shortDay(less.from)} to ${shortDay(less.to)}`}</Strong>
            {less.roomId && (
              <Quiet>{rooms.find(({ id }) => id === less.roomId)?.name ?? 'Another room'}</Quiet>
            )}
          </View>
          <IconButton
            icon="close"
            label={`Remove ${lessText(less)}, from ${shortDay(less.from)}`}
            onPress={() =>
              put(
                turnedDown.filter((each) => each !== less),
                'Ordinary weeks again',
              )
            }
          />
        </View>
      ))}
      <Suspense fallback={null}>
        {open && (
          <PlanLess
            rooms={rooms}
            zone={account.studio.zone}
            onKeep={keep}
            onClose={() => setOpen(false)}
          />
        )}
        {left && (
          <AwayBookings
            client={client}
            account={account}
            away={left}
            onClose={() => setLeft(null)}
          />
        )}
      </Suspense>
    </Section>
  );
}
