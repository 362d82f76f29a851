import { API_BASE, eventTypes, routes, type Route } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import fc from 'fast-check';
import { v7 } from 'uuid';
import {
  answerBody,
  clientBody,
  device,
  flagBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import { sessionWriter } from '../test/session-events';

let server: TestServer;
let agent: Agent;
let valid: Record<string, object>;
const ids = { client: v7(), flag: v7(), booking: v7(), room: v7(), measurement: v7() };

beforeAll(async () => {
  server = await testServer();
  const studio = await newStudio(server);
  agent = studio.agent;
  await agent.put(`/api/v1/clients/${ids.client}`).send(clientBody).expect(200);
  const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  const writer = sessionWriter({ clientId: ids.client, trainerId: studio.trainerId, room });
  writer.logNext('back-squat');
  writer.finish();
  valid = {
    putClient: clientBody,
    putFlag: flagBody,
    putMeasurement: { day: '2026-11-20', bodyMassG: 70_000 },
    putScreening: { answers: { heart: answerBody } },
    putRoom: { ...room, id: undefined },
    putOwnLift: {
      liftId: 'own-one',
      added: { name: 'One', like: 'goblet-squat' },
      styles: [{ id: 'own-style', from: 'chest-held', name: 'Heels', suits: '', standard: 'Tall' }],
      checkpoints: [],
      cues: [
        {
          id: 'own-cue',
          styleIds: ['own-style'],
          checkpointId: 'gq-bell',
          phase: 'set-up',
          text: 'Tall',
          kind: 'outside',
        },
      ],
      hidden: [],
    },
    putBooking: { clientId: ids.client, startsAt: '2026-11-24T10:00:00.000Z', minutes: 60 },
    putBookings: {
      bookings: [
        {
          id: v7(),
          clientId: ids.client,
          startsAt: '2026-11-24T10:00:00.000Z',
          minutes: 60,
          state: 'booked',
          lifts: [{ liftId: 'back-squat', sets: 3 }],
          series: { id: v7(), rule: 'FREQ=WEEKLY;COUNT=2' },
        },
      ],
    },
    putTemplate: { kind: 'session', name: 'Legs', lifts: [{ liftId: 'back-squat', sets: 3 }] },
    appendEvents: { events: writer.events },
    putImport: {
      fileName: 'x.csv',
      lifts: [
        {
          clientId: ids.client,
          liftId: 'back-squat',
          sets: [{ day: '2025-05-01', loadG: 60_000, reps: 5, rir: 2, note: '' }],
        },
      ],
    },
    makeScriptToken: { name: 'x', lastDay: nowIso().slice(0, 10) },
    putStudio: {
      name: 'A',
      unit: 'kg',
      zone: 'UTC',
      weekStart: 1,
      roomId: null,
      bookingMinutes: 60,
      screeningWords: { heart: 'Ever a heart problem?' },
    },
    signIn: { email: 'a@example.invalid', password: 'x' },
    addTrainer: {
      name: 'A',
      email: 'b@example.invalid',
      password: 'long enough pw',
      role: 'trainer',
    },
    makeStudio: {
      studioName: 'A',
      unit: 'kg',
      zone: 'UTC',
      name: 'A',
      email: 'c@example.invalid',
      password: 'long enough pw',
    },
  };
});
afterAll(() => server.close());

/** Values that programs forget about. */
const nonsense = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    '',
    '\u0000',
    '\ud800',
    'a'.repeat(5000),
    -1,
    0,
    1e308,
    2 ** 53,
    0.5,
    [],
    {},
    true,
    '2026-13-45T00:00:00.000Z',
    '0000-01-01T00:00:00.000Z',
    "'; DROP TABLE clients; --",
    '../../etc',
    '00000000-0000-0000-0000-000000000000',
  ),
  fc.jsonValue(),
);

/** Paths to every value inside a JSON document. */
function pathsOf(value: unknown, path: string[] = []): string[][] {
  if (value === null || typeof value !== 'object') return [path];
  return [path, ...Object.entries(value).flatMap(([key, inner]) => pathsOf(inner, [...path, key]))];
}

function replaced(value: unknown, [key, ...rest]: string[], by: unknown): unknown {
  if (key === undefined) return by;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<
    string,
    unknown
  >;
  copy[key] = replaced(copy[key], rest, by);
  return copy;
}

const fill = (route: Route, values: Record<string, string>) =>
  API_BASE +
  route.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(values[name] ?? ids.client),
  );

/** Half characters cannot stand in an address at all. */
const whole = (text: string) => Buffer.from(text).toString();

const refusedOrDone = (status: number) =>
  expect([200, 400, 401, 403, 404, 409, 410, 413, 415, 429]).toContain(status);
const withBody = (Object.entries(routes) as [string, Route][]).filter(([, route]) => route.body);
const withInput = (Object.entries(routes) as [string, Route][]).filter(
  ([, route]) => route.params ?? route.query,
);

it('reads no large body before it knows who sends it', async () => {
  const large = `{"fileName":"${'x'.repeat(2_000_000)}`;
  for (const path of ['imports/check', 'events', 'auth/sign-in']) {
    const post = (by: Agent) =>
      by.post(`/api/v1/${path}`).set('Content-Type', 'application/json').send(large);
    // It is no JSON: who is not known is told so before anybody looks.
    expect((await post(device(server.running))).status).toBe(401);
    expect((await post(agent)).status).toBe(400);
  }
});

describe('nonsense', () => {
  it.each(withBody)('in the body of %s is refused in words, never a 500', async (name, route) => {
    const base = valid[name] ?? {};
    const paths = pathsOf(base);
    await fc.assert(
      fc.asyncProperty(fc.nat(), nonsense, async (pick, value) => {
        const body = replaced(base, paths[pick % paths.length]!, value);
        const url = fill(route, {
          id: route.path.startsWith('/bookings')
            ? ids.booking
            : route.path.startsWith('/rooms')
              ? ids.room
              : ids.client,
          flagId: ids.flag,
          measurementId: ids.measurement,
        });
        const answer = await agent[route.method](url)
          .set('Content-Type', 'application/json')
          .send(JSON.stringify(body) ?? 'null');
        refusedOrDone(answer.status);
        if (answer.status === 400) {
          expect(answer.body.type).toBe('/problems/invalid-input');
          expect(answer.body.errors ?? [answer.body.detail]).not.toHaveLength(0);
        }
      }),
      { numRuns: name === 'makeStudio' || name === 'addTrainer' ? 25 : 60 },
    );
  });

  it.each(withInput)(
    'in the address of %s is refused in words, never a 500',
    async (_name, route) => {
      await fc.assert(
        fc.asyncProperty(
          fc.oneof(
            fc.string(),
            nonsense.map((value) => (typeof value === 'string' ? value : JSON.stringify(value))),
            fc.uuid(),
          ),
          fc.string(),
          async (value, query) => {
            const names = Object.keys(route.query?.shape ?? {});
            const search = names
              .map((name) => `${name}=${encodeURIComponent(whole(query))}`)
              .join('&');
            const word = encodeURIComponent(whole(value)) || 'x';
            const url =
              API_BASE + route.path.replace(/:(\w+)/g, word) + (search ? `?${search}` : '');
            const send = agent[route.method](url);
            refusedOrDone(
              (await (route.method === 'get' ? send : send.send(valid[_name] ?? {}))).status,
            );
          },
        ),
        { numRuns: 25 },
      );
    },
  );

  it.each(eventTypes)('in a %s event is refused or kept, never a 500', async (type) => {
    const { events } = valid.appendEvents as { events: Record<string, unknown>[] };
    await fc.assert(
      fc.asyncProperty(
        fc.dictionary(
          fc.constantFrom(
            'liftId',
            'setId',
            'loadG',
            'reps',
            'text',
            'steps',
            'score',
            'week',
            'plan',
          ),
          nonsense,
        ),
        async (payload) => {
          const stream = type.startsWith('block.') ? 'block' : 'session';
          const event = {
            ...events[0],
            stream,
            id: v7({ msecs: nowMs() }),
            streamId: v7(),
            type,
            payload,
          };
          refusedOrDone((await agent.post('/api/v1/events').send({ events: [event] })).status);
        },
      ),
      { numRuns: 15 },
    );
  });

  it('that is not JSON, too large, or nowhere gets its own answer', async () => {
    const post = () => agent.post('/api/v1/events').set('Content-Type', 'application/json');
    expect((await post().send('{"events": [')).body.type).toBe('/problems/invalid-input');
    expect((await post().send(`{"x":"${'y'.repeat(5_000_000)}"}`)).body.type).toBe(
      '/problems/too-large',
    );
    expect((await agent.get('/api/v1/nowhere')).body.type).toBe('/problems/not-found');
  });
});
