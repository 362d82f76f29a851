import { v7 } from 'uuid';
import { factsOf, longClient } from './bench-long-client.mjs';

const median = (values) => [...values].sort((a, b) => a - b)[values.length >> 1];
const times = (value) => `${value.toFixed(2)}×`;
const kB = (bytes) => `${(bytes / 1000).toFixed(0)} kB`;

/** How long a request takes, in ms: the median of some. */
async function timed(runs, work) {
  const taken = [];
  for (let run = 0; run < runs; run += 1) {
    const since = performance.now();
    await work(run);
    taken.push(performance.now() - since);
  }
  return median(taken);
}

/** How what the server does grows with what is there, as ratios; and what one trainer's load does to another's appends. */
export async function benchGrowth({ api, address, cookie }) {
  const own = (...call) => api(cookie, ...call);
  const { clients } = await own('GET', '/clients');
  const { trainer } = await own('GET', '/auth/me');
  const [someSession] = (await own('GET', `/clients/${clients[0].id}/sessions`)).sessions;
  const lifts = someSession.lifts.map((lift) => lift.plan);
  const device = v7();
  const event = (streamId, type, payload) => ({
    id: v7(),
    stream: 'session',
    streamId,
    at: new Date().toISOString(),
    author: trainer.id,
    device,
    type,
    payload,
  });
  const send = (...events) => own('POST', '/events', { events });
  const set = {
    liftId: lifts[0].liftId,
    step: 0,
    kind: 'working',
    loadG: 60_000,
    reps: 8,
    cleanReps: 8,
    marks: [],
    rir: 2,
    proposed: { loadG: 60_000, reps: 8 },
  };
  const start = async (clientId) => {
    const id = v7();
    const payload = { clientId, bookingId: null, roomId: someSession.roomId, unit: 'kg', lifts };
    await send(event(id, 'session.started', payload));
    return id;
  };
  const append = (id) => send(event(id, 'set.logged', set));

  const session = await start(clients[1].id);
  await timed(30, () => append(session));
  const early = await timed(40, () => append(session));
  for (let from = 0; from < 900; from += 300) {
    await send(...Array.from({ length: 300 }, () => event(session, 'set.logged', set)));
  }
  const late = await timed(40, () => append(session));
  console.log(`Appending to a session of 1,000 entries: ${times(late / early)} one of 50`);

  const idle = await timed(40, () => append(session));
  const beside = async (load) => {
    const running = load();
    const slowed = await timed(20, () => append(session));
    await running;
    return slowed / idle;
  };
  const wrong = () =>
    Promise.all(
      Array.from({ length: 20 }, (_, at) =>
        fetch(`${address}/api/v1/auth/sign-in`, {
          method: 'POST',
          headers: { 'X-Spalo': '1', 'Content-Type': 'application/json' },
          body: JSON.stringify({ email: `nobody${at}@example.invalid`, password: 'not this one' }),
        }),
      ),
    );
  const screenings = () =>
    Promise.all(
      Array.from({ length: 20 }, () => own('GET', `/clients/${clients[0].id}/screening`)),
    );
  console.log(
    `Appending beside 20 wrong sign-ins: ${times(await beside(wrong))} alone; beside 20 screenings: ${times(await beside(screenings))}`,
  );

  const finish = async (clientId) => {
    const id = await start(clientId);
    for (let each = 0; each < 18; each += 1) await append(id);
    const since = performance.now();
    await send(event(id, 'session.finished', {}));
    return performance.now() - since;
  };
  const finishing = async (clientId) => {
    const taken = [];
    for (let each = 0; each < 7; each += 1) taken.push(await finish(clientId));
    return median(taken);
  };
  const facts = factsOf(clients[0]);
  const newClient = async () => {
    const id = v7();
    await own('PUT', `/clients/${id}`, { ...facts, name: `Client ${id}` });
    return id;
  };
  const young = await newClient();
  const old = await longClient(own);
  // Its sessions end today: what is finished next is later.
  const finishYoung = await finishing(young);
  const finishOld = await finishing(old);
  const size = async (path) => JSON.stringify(await own('GET', path)).length;
  const both = async (path) => {
    const [few, many] = [await size(path(young)), await size(path(old))];
    return `${times(many / few)} (${kB(many)})`;
  };
  console.log(
    `A client of three years against a new one: finishing a session ${times(finishOld / finishYoung)} (goal: within 2), ` +
      `the client ${await both((id) => `/clients/${id}`)}, evidence ${await both((id) => `/clients/${id}/evidence`)}, ` +
      `export ${await both((id) => `/clients/${id}/export`)}`,
  );

  const inList = async (id) => {
    const { clients: all } = await own('GET', '/clients');
    return JSON.stringify(all.find((client) => client.id === id)).length;
  };
  console.log(
    `In the list: ${times((await inList(old)) / (await inList(young)))} a new one (goal 1); ` +
      `what the studio has learned from all ${kB(await size('/learned'))}`,
  );

  const listed = async () => {
    const { clients: all } = await own('GET', '/clients');
    return { count: all.length, took: await timed(5, () => own('GET', '/clients')) };
  };
  let few = null;
  for (const count of [100, 1000]) {
    for (let have = (await listed()).count; have < count; have += 1) await newClient();
    const now = await listed();
    few ??= now;
    const bytes = await size('/clients');
    console.log(
      `List of ${now.count} clients: ${kB(bytes)}, ${kB(bytes / now.count)} each; ${times(now.took / few.took)} that of ${few.count}`,
    );
  }
  let pages = 0;
  for (let next = '0'; next !== null; pages += 1) {
    ({ next } = await own('GET', `/events/live?after=${next}`));
  }
  console.log(`First pull of a device: ${pages} pages of 1,000 entries at most`);
}
