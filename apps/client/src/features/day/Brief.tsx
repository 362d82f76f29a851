import type { Account, Booking } from '@spalo/contract';
import { recordedFlags } from '@spalo/core/person';
import { sessionDuration } from '@spalo/core/time';
import { type LoadsDraft } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { Quiet, Strong, Title } from '../../design/Words';
import { FlagChips } from '../../parts/client/FlagChips';
import { stillToAsk } from '../../parts/client/still-to-ask';
import type { KnownClient } from '../../state/resources/known-client';
import { paceHere } from '../../parts/session/pace-here';
import { visitOf } from '../../parts/session/visit';
import { useTask } from '../../state/worker/use-task';
import { clockTime } from '../../parts/time/day-time';
import { stateOf } from './booking-state';
import { FirstLoad } from './FirstLoad';
import { SessionPlan } from './SessionPlan';
import { SinceLastTime } from './SinceLastTime';
import { StartButton } from './StartButton';
import { TodayOfWeeks } from './TodayOfWeeks';

/** What can be done with a booking besides starting it. */
function WaysOn({
  client,
  account,
  booking,
  onMove,
}: {
  client: KnownClient;
  account: Account;
  booking: Booking;
  onMove: () => void;
}) {
  const router = useRouter();
  const state = stateOf(booking);
  return (
    <View className="flex-row flex-wrap gap-2">
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
      {(state === 'to come' || state === 'off') && (
        <Button
          label="Move or cancel"
          says={`Move or cancel ${client.name}, ${clockTime(booking.startsAt, account.studio.zone)}`}
          onPress={onMove}
        />
      )}
    </View>
  );
}

/** What to know before they walk in, and the session that is planned. */
export function Brief({
  client,
  draft,
  account,
  room,
  booking,
  titled = true,
  onStart,
  onMove,
}: {
  client: KnownClient;
  draft: LoadsDraft;
  account: Account;
  room: Room;
  booking: Booking;
  titled?: boolean;
  /** Puts them on the floor; null where the row beside it does. */
  onStart: (() => void) | null;
  /** To another time, or to none. */
  onMove: () => void;
}) {
  const task = useMemo(
    () => visitOf(client, room, account, booking),
    [client, room, account, booking],
  );
  const { answer: whole, again } = useTask('draft', task);
  const seconds = useMemo(
    () =>
      whole &&
      sessionDuration(whole.lifts, whole.general.steps, room, paceHere(client, account.trainer.id)),
    [whole, room, client, account],
  );
  const asks = stillToAsk(client);
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
      {onStart && <StartButton booking={booking} client={client} onStart={onStart} />}
      {asks.length > 0 && <Quiet>{`Still to ask: ${asks.join(', ')}.`}</Quiet>}
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
      <NotWorkedOut what="the warm-up" again={again} />
      <SessionPlan
        draft={draft}
        whole={whole}
        seconds={seconds}
        client={client}
        account={account}
      />
      <WaysOn client={client} account={account} booking={booking} onMove={onMove} />
    </View>
  );
}
