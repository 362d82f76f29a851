import { v7 } from 'uuid';
import type { Chance } from './chance';
import type { Studio } from './studio';

/** What a client's events hold, to be looked for in every corner once the client is deleted for good. */
export const secretOf = (clientId: string) => `said-by-${clientId.slice(-12)}`;

/** One thing that a trainer does on a device. */
export async function work(studio: Studio, chance: Chance): Promise<void> {
  const device = chance.one(studio.devices);
  const known = device.journal.state.getState().streams.session;
  // Only what this device has heard of; now and then the other one's session.
  const here = studio.open.filter(({ id }) => known.has(id));
  if (here.length === 0 || (studio.open.length < 4 && chance.happens(0.1))) {
    const clientId = chance.one(studio.clients);
    const session = { id: v7(), clientId, sets: [] as string[], size: 1 };
    const start = {
      clientId,
      bookingId: null,
      roomId: studio.room.id,
      unit: 'kg',
      lifts: studio.lifts,
    };
    if (await device.append(session.id, 'session.started', start, clientId))
      studio.open.push(session);
    return;
  }
  const session = chance.one(here);
  const { clientId } = session;
  const append = (type: string, payload: unknown) =>
    device.append(session.id, type, payload, clientId);
  session.size += 1;
  if (session.size > 40 && chance.happens(0.2)) {
    if (await append('session.finished', {})) {
      studio.open = studio.open.filter((each) => each !== session);
    }
    return;
  }
  const dice = chance.below(10);
  if (dice < 6) {
    const reps = 5 + chance.below(8);
    const loadG = 20_000 + chance.below(20) * 2500;
    const id = await append('set.logged', {
      liftId: 'back-squat',
      step: 0,
      kind: 'working',
      loadG,
      reps,
      cleanReps: reps,
      marks: [],
      rir: chance.below(5),
      proposed: { loadG, reps },
    });
    if (id) session.sets.push(id);
  } else if (dice < 8 && session.sets.length > 0) {
    const setId = chance.one(session.sets);
    const voided = chance.happens(0.5);
    if (chance.happens(0.5)) await append('set.voided', { setId, voided });
    else await append('entries.withdrawn', { eventIds: [setId], withdrawn: voided });
  } else {
    await append('note.added', {
      liftId: null,
      text: `${secretOf(clientId)} ${chance.below(1000)}`,
    });
  }
}
