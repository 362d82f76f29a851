import { v7 } from 'uuid';

const LONG_SESSIONS = 445;
const SETS_A_LIFT = 3;

/** What a trainer writes down of a client, from what the server answers. */
export function factsOf({
  id: _id,
  flags: _flags,
  cautions: _cautions,
  screened: _screened,
  measurements: _measurements,
  history: _history,
  blocks: _blocks,
  mine: _mine,
  trainingMonthsAt: _at,
  ...facts
}) {
  return facts;
}

/** A client who has trained for three years: 8,000 working sets of six lifts, sent as a device would. */
export async function longClient(api) {
  const { clients } = await api('GET', '/clients');
  const { trainer } = await api('GET', '/auth/me');
  const [someSession] = (await api('GET', `/clients/${clients[0].id}/sessions`)).sessions;
  const ids = [
    'back-squat',
    'bench-press',
    'one-arm-row',
    'romanian-deadlift',
    'split-squat',
    'dumbbell-curl',
  ];
  const lifts = ids.map((liftId) => ({ ...someSession.lifts[0].plan, liftId }));
  const clientId = v7();
  await api('PUT', `/clients/${clientId}`, { ...factsOf(clients[0]), name: 'Three Years' });
  const device = v7();
  const start = Date.now() - 3 * 365 * 86_400_000;
  let events = [];
  const send = async () => {
    if (events.length > 0) await api('POST', '/events', { events });
    events = [];
  };
  for (let index = 0; index < LONG_SESSIONS; index += 1) {
    let now = start + index * 2.4 * 86_400_000;
    const streamId = v7({ msecs: now });
    const add = (type, payload) => {
      now += 60_000;
      const at = new Date(now).toISOString();
      events.push({
        id: v7({ msecs: now }),
        stream: 'session',
        streamId,
        at,
        author: trainer.id,
        device,
        type,
        payload,
      });
    };
    if (events.length > 450) await send();
    add('session.started', {
      clientId,
      bookingId: null,
      roomId: someSession.roomId,
      unit: 'kg',
      lifts,
    });
    for (const { liftId } of lifts) {
      for (let step = 0; step < SETS_A_LIFT; step += 1) {
        const loadG = 40_000 + Math.round(index / 20) * 1000;
        add('set.logged', {
          liftId,
          step,
          kind: 'working',
          loadG,
          reps: 10,
          cleanReps: 10,
          marks: [],
          rir: step % 3,
          proposed: { loadG, reps: 10 },
        });
      }
    }
    add('session.finished', {});
  }
  await send();
  return clientId;
}
