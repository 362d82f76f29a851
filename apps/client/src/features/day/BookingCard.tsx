import { liftById } from '@spalo/catalog';
import { cueTo } from '@spalo/coaching';
import type { Account, Booking } from '@spalo/contract';
import { isExpected, lockedBy, nowIso, redFlag, type LoadsDraft } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { capital } from '../../design/sentence';
import { Figure, Quiet, Strong, Title } from '../../design/Words';
import { BookSheet } from '../../parts/booking/BookSheet';
import { FlagChips } from '../../parts/client/FlagChips';
import { PastMissing } from '../../parts/client/PastMissing';
import type { KnownClient } from '../../state/resources/known-client';
import { loadReps } from '../../parts/words/load-words';
import { clockTime } from '../../parts/time/day-time';

/** Where a booking stands. */
export type Standing = 'to come' | 'on the floor' | 'done' | 'off';

export function stateOf(booking: Booking): Standing {
  if (!booking.session) return isExpected(booking) ? 'to come' : 'off';
  return booking.session.finished ? 'done' : 'on the floor';
}

/** The way to another time, or to none. */
function MoveBooking({
  booking,
  client,
  account,
}: {
  booking: Booking;
  client: KnownClient;
  account: Account;
}) {
  const [moving, setMoving] = useState(false);
  const at = clockTime(booking.startsAt, account.studio.zone);
  return (
    <>
      <IconButton
        icon="more"
        label={`Move or cancel ${client.name}, ${at}`}
        onPress={() => setMoving(true)}
      />
      {moving && (
        <BookSheet
          clientId={client.id}
          account={account}
          booking={booking}
          onClose={() => setMoving(false)}
        />
      )}
    </>
  );
}

/** A booking with its brief: what to know, the focus, what is planned, and the way onto the floor. */
export function BookingCard({
  booking,
  client,
  draft,
  account,
  chosen,
  onOpen,
  onStart,
  onFloor,
}: {
  booking: Booking;
  client: KnownClient;
  draft: LoadsDraft | null;
  account: Account;
  chosen: boolean;
  onOpen: () => void;
  onStart: () => void;
  onFloor: () => void;
}) {
  const state = stateOf(booking);
  const { unit, zone } = account.studio;
  const red = redFlag(client);
  const lock = red ? lockedBy(red) : null;
  const first = draft?.lifts[0];
  const cue = first && cueTo(client, first, nowIso());
  return (
    <Card chosen={chosen} className="gap-3">
      <View className="flex-row items-start justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Title level={2} className="text-[1.75rem] leading-8">
            {client.name}
          </Title>
          {client.brief ? <Quiet>{client.brief}</Quiet> : null}
        </View>
        <Figure className={state === 'done' ? 'text-slate' : ''}>
          {clockTime(booking.startsAt, zone)}
        </Figure>
      </View>
      {state === 'off' && <Strong className="text-slate">{capital(booking.state!)}</Strong>}
      {state !== 'off' && <FlagChips client={client} />}
      {lock && <Banner kind="stop" title={lock} />}
      {state === 'to come' && <PastMissing client={client} />}
      {(state === 'to come' || state === 'on the floor') && draft && (
        <View className="flex-row flex-wrap gap-y-1 border-b-[3px] border-ink pb-2">
          {draft.lifts.map((plan) => (
            <View key={plan.liftId} className="w-1/2 pr-2">
              <Figure>{loadReps(plan.loadG, plan.reps, unit, plan.counted)}</Figure>
              <Quiet>{liftById(plan.liftId).name}</Quiet>
              {plan.again && <Chip look="flag" icon="alert" label="decide again" />}
            </View>
          ))}
        </View>
      )}
      {(state === 'to come' || state === 'on the floor') && cue ? (
        <Strong>{`Focus: ${cue.text}`}</Strong>
      ) : null}
      <View className="flex-row gap-2">
        {state === 'to come' && !lock && client.archivedAt === null && (
          <Button
            kind="main"
            label="Start"
            says={`Start ${client.name}`}
            disabled={client.past === 'coming'}
            onPress={onStart}
            className="flex-1"
          />
        )}
        {state === 'on the floor' && (
          <Button
            kind="now"
            label="On the floor"
            says={`Go to ${client.name} on the floor`}
            onPress={onFloor}
            className="flex-1"
          />
        )}
        {state === 'done' && <Strong className="flex-1 self-center text-slate">Done</Strong>}
        <Button label="Plan" says={`Plan of ${client.name}`} onPress={onOpen} />
        {(state === 'to come' || state === 'off') && (
          <MoveBooking booking={booking} client={client} account={account} />
        )}
      </View>
      {client.archivedAt !== null && <Quiet>Archived: restore them to start a session.</Quiet>}
    </Card>
  );
}
