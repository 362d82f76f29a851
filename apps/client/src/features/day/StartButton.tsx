import type { Booking } from '@spalo/contract';
import { lockedBy, redFlag } from '@spalo/core/person';
import { Button } from '../../design/Button';
import type { KnownClient } from '../../state/resources/known-client';
import { stateOf } from './booking-state';

/** Puts somebody who is booked on the floor; nothing where they are there, have been, are locked out or archived. */
export function StartButton({
  booking,
  client,
  onStart,
}: {
  booking: Booking;
  client: KnownClient;
  onStart: () => void;
}) {
  const red = redFlag(client);
  const mayStart =
    stateOf(booking) === 'to come' && client.archivedAt === null && !(red && lockedBy(red));
  if (!mayStart) return null;
  return (
    <Button
      kind="main"
      label="Start"
      says={`Start ${client.name}`}
      disabled={client.past === 'coming'}
      onPress={onStart}
    />
  );
}
