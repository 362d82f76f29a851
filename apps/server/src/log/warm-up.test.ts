import type { LiftMemory } from '@spalo/core/memory';
import type { Room } from '@spalo/core/room';
import type { SessionEvent } from '@spalo/core/session';
import { noHabit, type GeneralStep } from '@spalo/core/warm-up';
import { inStudio } from '../db/database';
import {
  addClient,
  clientBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import { sessionWriter } from '../test/session-events';
import { rebuildStudio } from './rebuild';

let server: TestServer;
let agent: Agent;
let studioId: string;
let trainerId: string;
let room: Room;

beforeAll(async () => {
  server = await testServer();
  ({ agent, studioId, trainerId } = await newStudio(server));
  room = (await agent.get('/api/v1/rooms')).body.rooms[0];
});
afterAll(() => server.close());

const DAY_MS = 86_400_000;
const FIRST_MS = Date.parse('2026-11-10T09:00:00.000Z');
const send = (events: readonly SessionEvent[], by = agent) =>
  by.post('/api/v1/events').send({ events });
const read = async (id: string) => (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;

const newClient = (change: object = {}) => addClient(agent, change);
const writerFor = (clientId: string, day = 0) =>
  sessionWriter({ clientId, trainerId, room, startMs: FIRST_MS + day * DAY_MS });
type Writer = ReturnType<typeof writerFor>;

const walk: GeneralStep = {
  drillId: 'brisk-walk',
  job: 'raise',
  seconds: 300,
  rounds: 1,
  reps: null,
  why: 'Warm, not out of breath',
};

/** Squats up to the first working set. */
function squatted(writer: Writer): Writer {
  let set = writer.logNext('back-squat');
  while (set.type === 'set.logged' && set.payload.kind === 'warm-up') {
    set = writer.logNext('back-squat');
  }
  return writer;
}
function judged(writer: Writer, verdict: 'ready' | 'rusty' | 'tired', note = ''): Writer {
  squatted(writer).append('warm-up.judged', { liftId: 'back-squat', verdict, note });
  writer.finish();
  return writer;
}

describe('what a warm-up leaves with the client', () => {
  it('is learned when its session is finished, and not before', async () => {
    const id = await newClient();
    const writer = squatted(writerFor(id));
    writer.append('warm-up.judged', { liftId: 'back-squat', verdict: 'rusty', note: 'cold' });
    await send(writer.events).expect(200);
    expect((await read(id)).history.lifts).toEqual({});
    writer.finish();
    await send(writer.events).expect(200);
    const { habit, warmUps } = (await read(id)).history.lifts['back-squat'];
    expect(habit).toMatchObject({ extra: 1, last: 'rusty', readyInARow: 0 });
    expect(warmUps).toMatchObject([
      { sessionId: writer.sessionId, verdict: 'rusty', note: 'cold' },
    ]);
  });

  it('adds up over sessions by when they were held, whichever is sent first', async () => {
    const id = await newClient();
    const sessions = [
      judged(writerFor(id, 0), 'rusty'),
      judged(writerFor(id, 2), 'ready'),
      judged(writerFor(id, 4), 'ready', 'as it should be'),
    ];
    for (const { events } of [...sessions].reverse()) await send(events).expect(200);
    const { habit, warmUps } = (await read(id)).history.lifts['back-squat'];
    expect(habit).toMatchObject({ extra: 1, last: 'ready', readyInARow: 2 });
    const told = warmUps.map((each: { sessionId: string }) => each.sessionId);
    expect(told).toEqual(sessions.map((each) => each.sessionId).reverse());
    expect(warmUps[0].note).toBe('as it should be');
  });

  it('keeps the ramp that was chosen, and the drill that stood in for another', async () => {
    const id = await newClient();
    const writer = writerFor(id);
    writer.append('general.planned', { steps: [{ ...walk, drillId: 'easy-bike' }] });
    writer.append('drill.swapped', { drillId: 'easy-bike', by: walk });
    writer.append('drills.marked', { drillIds: ['brisk-walk'], state: 'done' });
    writer.append('ramp.chosen', { liftId: 'back-squat', kind: 'short', primer: 'none' });
    squatted(writer).finish();
    await send(writer.events).expect(200);
    const { history } = await read(id);
    expect(history.lifts['back-squat'].habit).toMatchObject({
      kind: 'short',
      primer: 'none',
      extra: 0,
    });
    expect(history.swaps).toEqual({ 'easy-bike': 'brisk-walk' });
    const session = (await agent.get(`/api/v1/sessions/${writer.sessionId}`).expect(200)).body;
    expect(session.general).toMatchObject([{ drillId: 'brisk-walk', state: 'done' }]);
  });

  it('follows a set that is removed afterwards', async () => {
    const id = await newClient();
    const writer = judged(writerFor(id), 'tired');
    await send(writer.events).expect(200);
    const working = writer.events.find(
      (event) => event.type === 'set.logged' && event.payload.kind === 'working',
    )!;
    writer.append('set.voided', { setId: working.id, voided: true });
    await send(writer.events).expect(200);
    const { history } = await read(id);
    expect(Object.keys(history.lifts)).toContain('back-squat');
    for (const memory of Object.values<LiftMemory>(history.lifts)) {
      expect(memory).toMatchObject({ habit: noHabit, warmUps: [] });
    }
  });

  it('is the same when it is worked out anew from the log', async () => {
    const id = await newClient();
    for (const [day, verdict] of [
      [0, 'rusty'],
      [2, 'tired'],
      [4, 'rusty'],
    ] as const) {
      await send(judged(writerFor(id, day), verdict).events).expect(200);
    }
    const before = (await read(id)).history;
    await inStudio(server.running.app.database, studioId, (db) => rebuildStudio(db, studioId));
    expect((await read(id)).history).toEqual(before);
  });
});

describe('a warm-up that cannot be', () => {
  const cases: [string, string, object][] = [
    [
      'a verdict nobody knows',
      'warm-up.judged',
      { liftId: 'back-squat', verdict: 'fine', note: '' },
    ],
    [
      'a note as long as a letter',
      'warm-up.judged',
      { liftId: 'back-squat', verdict: 'ready', note: 'x'.repeat(201) },
    ],
    ['a ramp nobody knows', 'ramp.chosen', { liftId: 'back-squat', kind: 'steep', primer: null }],
    ['a primer nobody knows', 'ramp.chosen', { liftId: 'back-squat', kind: null, primer: 'huge' }],
    ['a drill of no time', 'general.planned', { steps: [{ ...walk, seconds: 0 }] }],
    ['a drill of half a round', 'general.planned', { steps: [{ ...walk, rounds: 0.5 }] }],
    ['more drills than a morning holds', 'general.planned', { steps: Array(21).fill(walk) }],
    ['a mark for no drill', 'drills.marked', { drillIds: [], state: 'done' }],
    ['a mark nobody knows', 'drills.marked', { drillIds: ['easy-bike'], state: 'half' }],
    ['a swap for nothing', 'drill.swapped', { drillId: 'easy-bike' }],
  ];

  it.each(cases)(
    '%s is refused with its place named, and nothing sent with it is kept',
    async (...[, type, payload]) => {
      const id = await newClient();
      const writer = squatted(writerFor(id));
      const bad = writer.append(type as never, payload as never);
      const { status, body } = await send([...writer.events]);
      expect(status).toBe(400);
      expect(body.type).toBe('/problems/invalid-input');
      const at = writer.events.indexOf(bad);
      expect(JSON.stringify(body)).toContain(`events.${at}.payload`);
      await agent.get(`/api/v1/sessions/${writer.sessionId}`).expect(404);
    },
  );

  it('cannot come from another studio', async () => {
    const id = await newClient();
    const writer = squatted(writerFor(id));
    await send(writer.events).expect(200);
    const other = await newStudio(server);
    writer.append('warm-up.judged', { liftId: 'back-squat', verdict: 'ready', note: '' });
    const foreign = { ...writer.events.at(-1)!, author: other.trainerId } as SessionEvent;
    // For that studio it is about a session whose start has not arrived.
    await send([foreign], other.agent).expect(200);
    await other.agent.get(`/api/v1/sessions/${writer.sessionId}`).expect(404);
    const session = (await agent.get(`/api/v1/sessions/${writer.sessionId}`).expect(200)).body;
    expect(session.lifts[0].warmUp).toBeNull();
  });
});

describe('stiff places', () => {
  it('are kept with the client and refused where nobody has such a place', async () => {
    const id = await newClient({ stiff: ['ankle bend', 'upper back'] });
    expect((await read(id)).stiff).toEqual(['ankle bend', 'upper back']);
    const answer = await agent
      .put(`/api/v1/clients/${id}`)
      .send({ ...clientBody, stiff: ['elbow out'] });
    expect(answer.status).toBe(400);
    expect((await read(id)).stiff).toEqual(['ankle bend', 'upper back']);
  });
});
