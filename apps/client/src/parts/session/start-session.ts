import type { Account, Booking } from '@spalo/contract';
import { lockedBy, redFlag } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { closedText } from '@spalo/core/words';
import { authorFor, journal } from '../../state/device';
import { newId } from '../../state/log/ids';
import type { KnownClient } from '../../state/resources/known-client';
import { appendToSession } from '../../state/log/session-log';
import { inWorker } from '../../state/worker/ask';
import { useFloorUi } from '../lane/floor-ui';
import { visitOf } from './visit';

/** Puts a client on the floor. Answers the session's id; rejects while no room is known. */
export async function startSession(
  client: KnownClient,
  room: Room | undefined,
  account: Account,
  /** The booking that it is run for, with what was built for it; or what was built without one. */
  booking: (Pick<Booking, 'lifts' | 'minutes'> & { id: string | null }) | null,
): Promise<string> {
  if (!room) throw new Error('the room has not been fetched yet');
  // What is being fetched must not be taken for nothing.
  if (client.past === 'coming') throw new Error('earlier sessions are still being fetched');
  const red = redFlag(client);
  if (red) throw new Error(closedText(lockedBy(red)));
  const sessionId = newId();
  const { unit } = account.studio;
  const { lifts, general, block } = await inWorker(
    'draft',
    visitOf(client, room, account, booking ?? undefined),
  );
  const bookingId = booking?.id ?? null;
  const start = { clientId: client.id, bookingId, roomId: room.id, unit, lifts };
  const author = authorFor(account.trainer.id);
  const payload = { ...start, general: general.steps, ...(block && { block }) };
  await appendToSession(journal, sessionId, 'session.started', payload, author);
  useFloorUi.getState().choose(sessionId);
  return sessionId;
}
