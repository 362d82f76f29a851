import type { Room } from '@spalo/core/room';
import { v7 } from 'uuid';
import { addClient, newStudio, testServer, type Agent, type TestServer } from '../test/server';
import { sessionWriter } from '../test/session-events';

let server: TestServer;
let agent: Agent;
let trainerId: string;
let room: Room;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
  room = (await agent.get('/api/v1/rooms')).body.rooms[0];
});
afterAll(() => server.close());

const set = (day: string, loadG: number, reps: number, rir: number | null = null) => ({
  day,
  loadG,
  reps,
  rir,
  note: '',
});
/** Six days of rows, somewhat over a year ago. */
const days = ['02', '04', '07', '09', '12', '14'].map((day) => `2025-09-${day}`);
const rows = (clientId: string, loadG = 52_500) => ({
  fileName: 'years.csv',
  lifts: [{ clientId, liftId: 'one-arm-row', sets: days.map((day) => set(day, loadG, 8)) }],
});
const bring = (facts: object, id = v7()) => agent.put(`/api/v1/imports/${id}`).send(facts);
const clientOf = async (id: string) => (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;

describe('an import', () => {
  it('brings its sets in once, says what is there already, and is taken back as one', async () => {
    const clientId = await addClient(agent);
    const check = await agent.post('/api/v1/imports/check').send(rows(clientId)).expect(200);
    expect(check.body).toEqual({ added: 6, already: 0 });
    expect((await agent.get('/api/v1/imports')).body.imports).toHaveLength(0);

    const id = v7();
    expect((await bring(rows(clientId), id).expect(200)).body).toEqual({ added: 6, already: 0 });
    expect((await bring(rows(clientId)).expect(200)).body).toEqual({ added: 0, already: 6 });
    expect((await agent.get('/api/v1/imports')).body.imports).toMatchObject([
      { id, fileName: 'years.csv', read: 6, brought: 6 },
    ]);
    await bring(rows(clientId), id).expect(409);
    const kept = (await agent.get(`/api/v1/clients/${clientId}/imported-sets`)).body.sets;
    expect(kept.map(({ day }: { day: string }) => day)).toEqual(days);

    await agent.delete(`/api/v1/imports/${id}`).expect(200);
    expect((await agent.get(`/api/v1/clients/${clientId}/imported-sets`)).body.sets).toEqual([]);
    expect(await clientOf(clientId)).toMatchObject({ imported: [] });
    await agent.delete(`/api/v1/imports/${id}`).expect(404);
  });

  it('counts sets alike as often as they were done, also those of sessions', async () => {
    const clientId = await addClient(agent);
    const writer = sessionWriter({ clientId, trainerId, room });
    writer.logNext('back-squat');
    await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
    await agent.get(`/api/v1/sessions/${writer.sessionId}`).expect(200);
    const [logged] = writer.state().lifts.find(({ plan }) => plan.liftId === 'back-squat')!.sets;
    const same = set(logged!.at.slice(0, 10), logged!.loadG, logged!.reps);
    const facts = (times: number) => ({
      fileName: 'x.csv',
      lifts: [{ clientId, liftId: 'back-squat', sets: Array.from({ length: times }, () => same) }],
    });
    expect((await bring(facts(1)).expect(200)).body).toEqual({ added: 0, already: 1 });
    expect((await bring(facts(3)).expect(200)).body).toEqual({ added: 2, already: 1 });
    expect((await bring(facts(3)).expect(200)).body).toEqual({ added: 0, already: 3 });
  });

  it('is weak evidence: it moves what is believed, and less than the same said by a session', async () => {
    const clientId = await addClient(agent);
    const finish = async () => {
      const writer = sessionWriter({ clientId, trainerId, room });
      writer.logNext('one-arm-row');
      writer.finish();
      await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
    };
    const belief = async () => {
      const { liftIds, mean } = (await clientOf(clientId)).history.belief;
      return mean[liftIds.indexOf('one-arm-row')] as number;
    };
    await finish();
    const before = await belief();
    const id = v7();
    await bring(rows(clientId), id).expect(200);
    expect(await clientOf(clientId)).toMatchObject({
      imported: [{ liftId: 'one-arm-row', loadG: 52_500, reps: 8, days: 6 }],
    });
    const after = await belief();
    expect(after).toBeGreaterThan(before);
    // Its log is of 66 kg for one; half of the way there would be to believe it.
    const said = Math.log(52_500 * (1 + 8 / 30));
    expect(after - before).toBeLessThan((said - before) / 2);
    await agent.delete(`/api/v1/imports/${id}`).expect(200);
    expect(await belief()).toBeCloseTo(before, 6);
  });

  it('takes nothing where one row is wrong, and says where', async () => {
    const clientId = await addClient(agent);
    const good = rows(clientId).lifts[0]!;
    const bad = {
      fileName: 'x.csv',
      lifts: [good, { ...good, liftId: 'no-such-lift' }, { ...good, clientId: v7() }],
    };
    const refused = await bring(bad).expect(400);
    expect(refused.body.errors.map(({ path }: { path: string }) => path)).toEqual([
      'body.lifts.1.liftId',
      'body.lifts.2.clientId',
    ]);
    for (const wrong of [
      set('2025-02-30', 1000, 1),
      set('2025-02-03', -1, 1),
      set('2025-02-03', 1000, 0),
      set('2999-02-03', 1000, 1),
    ]) {
      await bring({ fileName: 'x', lifts: [{ ...good, sets: [wrong] }] }).expect(400);
    }
    await bring({ fileName: 'x', lifts: [] }).expect(400);
    expect((await agent.get(`/api/v1/clients/${clientId}/imported-sets`)).body.sets).toEqual([]);
  });

  it('goes with its client, and so does a file of which nothing is left', async () => {
    const [one, other] = [await addClient(agent), await addClient(agent)];
    const alone = v7();
    const both = v7();
    await bring({ ...rows(one), fileName: 'only-one.csv' }, alone).expect(200);
    const lifts = [...rows(one, 60_000).lifts, ...rows(other).lifts];
    await bring({ fileName: 'both.csv', lifts }, both).expect(200);
    await agent.delete(`/api/v1/clients/${one}`).expect(200);
    const left = (await agent.get('/api/v1/imports')).body.imports;
    expect(left.map(({ id }: { id: string }) => id)).not.toContain(alone);
    expect(left).toContainEqual(expect.objectContaining({ id: both, read: 12, brought: 6 }));
  });

  it('takes fifty thousand sets at once and no more, and a list of them comes in pages', async () => {
    const clientId = await addClient(agent);
    const many = (count: number) => ({
      fileName: 'years.csv',
      lifts: [
        {
          clientId,
          liftId: 'back-squat',
          sets: Array.from({ length: count }, (_, at) =>
            set(`20${10 + (at % 14)}-0${1 + (at % 9)}-1${at % 10}`, 40_000 + 500 * (at % 60), 5),
          ),
        },
      ],
    });
    await bring(many(50_001)).expect(400);
    expect((await bring(many(50_000)).expect(200)).body).toEqual({ added: 50_000, already: 0 });
    const seen = new Set<string>();
    let next: string | null = '';
    let pages = 0;
    while (next !== null && pages < 200) {
      const after: string = next && `&after=${next}`;
      const page = await agent
        .get(`/api/v1/clients/${clientId}/imported-sets?limit=500${after}`)
        .expect(200);
      for (const { id } of page.body.sets) seen.add(id);
      ({ next } = page.body);
      pages += 1;
    }
    expect([pages, seen.size]).toEqual([100, 50_000]);
  });
});
