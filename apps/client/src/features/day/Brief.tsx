import type { Account, Booking, Client } from '@spalo/contract';
import { recordedFlags, sessionDuration, type LoadsDraft, type Room } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Quiet, Strong, Title } from '../../design/Words';
import { FlagChips } from '../../parts/client/FlagChips';
import { visitOf } from '../../parts/session/visit';
import { useTask } from '../../state/worker/use-task';
import { FirstLoad } from './FirstLoad';
import { SessionPlan } from './SessionPlan';
import { SinceLastTime } from './SinceLastTime';
import { TodayOfWeeks } from './TodayOfWeeks';

/** What to know before they walk in, and the session that is planned. */
export function Brief({
  client,
  draft,
  account,
  room,
  booking,
  titled = true,
}: {
  client: Client;
  draft: LoadsDraft;
  account: Account;
  room: Room;
  booking: Booking;
  titled?: boolean;
}) {
  const router = useRouter();
  const task = useMemo(
    () => visitOf(client, room, account, booking),
    [client, room, account, booking],
  );
  const whole = useTask('draft', task);
  const seconds = useMemo(
    () => whole && sessionDuration(whole.lifts, whole.general.steps, room),
    [whole, room],
  );
  const { minutes } = booking;
  const late = seconds ? Math.round(seconds.totalS / 60) - minutes : 0;
  return (
    <View className="gap-4">
      {titled && (
        <View className="border-b-[3px] border-ink pb-2">
          <Title level={2}>{client.name}</Title>
          {client.goal ? <Quiet>{client.goal}</Quiet> : null}
        </View>
      )}
      {client.brief ? <Strong>{client.brief}</Strong> : null}
      <FlagChips client={client} />
      {recordedFlags(client.flags)
        .filter((flag) => flag.note)
        .map((flag) => (
          <Quiet key={flag.id}>{`${flag.place}: ${flag.note}`}</Quiet>
        ))}
      <TodayOfWeeks client={client} draft={draft} />
      {late > 0 && (
        <Banner icon="alert" title={`About ${late} min longer than the ${minutes} min booked`}>
          Fit the warm-up into less time on the floor, or leave a lift out.
        </Banner>
      )}
      <SinceLastTime client={client} draft={draft} unit={account.studio.unit} />
      <FirstLoad lift={whole?.lifts[0]} room={room} />
      <SessionPlan
        draft={draft}
        whole={whole}
        seconds={seconds}
        client={client}
        account={account}
      />
      {!booking.session && (
        <Button
          label={booking.lifts ? 'Change the session' : 'Build another session'}
          icon="floor"
          onPress={() =>
            router.push({
              pathname: '/clients/[id]/build',
              params: { id: client.id, booking: booking.id },
            })
          }
        />
      )}
      <Button
        label="Open the client’s page"
        onPress={() => router.push({ pathname: '/clients/[id]', params: { id: client.id } })}
      />
    </View>
  );
}
