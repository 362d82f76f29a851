import { recordNames } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import Papa from 'papaparse';
import { v7 } from 'uuid';
import { addClient, newStudio, testServer, type Agent, type TestServer } from '../test/server';
import { sessionWriter } from '../test/session-events';

let server: TestServer;
let agent: Agent;
let ids: string[];
let writer: ReturnType<typeof sessionWriter>;

beforeAll(async () => {
  server = await testServer();
  const studio = await newStudio(server);
  agent = studio.agent;
  ids = [
    await addClient(agent, { name: '=Formula, "Quoted"\nand two lines' }),
    await addClient(agent, { name: 'Zoë Ångström' }),
  ];
  const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  const startMs = Date.parse('2026-11-20T09:00:00.000Z');
  writer = sessionWriter({ clientId: ids[0]!, trainerId: studio.trainerId, room, startMs });
  for (let at = 0; at < 3; at += 1) writer.logNext('back-squat');
  writer.finish();
  await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
  const sets = [{ day: '2025-05-01', loadG: 61_235, reps: 5, rir: 2, note: 'old' }];
  await agent
    .put(`/api/v1/imports/${v7()}`)
    .send({ fileName: 'old.csv', lifts: [{ clientId: ids[1], liftId: 'back-squat', sets }] })
    .expect(200);
  await agent
    .put(`/api/v1/clients/${ids[1]}/measurements/${v7()}`)
    .send({ day: '2026-10-01', bodyMassG: 71_400 })
    .expect(200);
  await agent
    .put(`/api/v1/bookings/${v7()}`)
    .send({ clientId: ids[1], startsAt: '2026-11-28T09:00:00.000Z', minutes: 45 })
    .expect(200);
});
afterAll(() => server.close());

const file = async (name: string) =>
  (await agent.get(`/api/v1/files/${name}`).buffer(true).expect(200)).text;
const rowsOf = async (name: string) =>
  Papa.parse<Record<string, string>>(await file(name), { header: true, skipEmptyLines: true }).data;

describe('records as CSV', () => {
  it('holds every set once, in both units, with ISO days, lines ended as RFC 4180 has them', async () => {
    const text = await file('sets.csv');
    expect(text.split('\r\n').at(-1)).toBe('');
    const rows = await rowsOf('sets.csv');
    expect(rows).toHaveLength(4);
    expect(rows[0]).toMatchObject({
      day: '2025-05-01',
      lift_id: 'back-squat',
      load_kg: '61.235',
      load_lb: '135.0001',
      reps: '5',
      rir: '2',
      kind: 'working',
      at: '',
      note: 'old',
    });
    const logged = writer.state().lifts.find(({ plan }) => plan.liftId === 'back-squat')!.sets;
    expect(
      rows.slice(1).map((row) => [row.at, Number(row.load_kg) * 1000, Number(row.reps)]),
    ).toEqual(logged.map(({ at, loadG, reps }) => [at, loadG, reps]));
    expect(rows[1]!.lift).toBe('Back squat');
  });

  it('keeps quotes, commas, lines and letters; a formula is only text', async () => {
    const rows = await rowsOf('clients.csv');
    expect(rows.map(({ client }) => client)).toEqual([
      '\'=Formula, "Quoted"\nand two lines',
      'Zoë Ångström',
    ]);
  });

  it('narrows to clients and days, and refuses what is none', async () => {
    expect(await rowsOf(`sets.csv?client=${ids[1]}`)).toHaveLength(1);
    expect(await rowsOf('sets.csv?from=2026-01-01')).toHaveLength(3);
    expect(await rowsOf('sets.csv?to=2026-01-01')).toHaveLength(1);
    expect(await rowsOf(`bodies.csv?client=${ids[0]}`)).toHaveLength(0);
    await agent.get(`/api/v1/files/sets.csv?client=${v7()}`).expect(404);
    for (const bad of ['sets.csv?client=me', 'sets.csv?from=now']) {
      await agent.get(`/api/v1/files/${bad}`).expect(400);
    }
    for (const none of ['secrets.csv', 'sets.json', 'sets.csv.gz', 'records.csv']) {
      await agent.get(`/api/v1/files/${none}`).expect(404);
    }
  });

  it('brings nothing new when it is brought in again', async () => {
    const rows = await rowsOf('sets.csv');
    const lifts = rows.map((row) => ({
      clientId: row.client_id,
      liftId: row.lift_id,
      sets: [
        {
          day: row.day,
          loadG: Math.round(Number(row.load_kg) * 1000),
          reps: Number(row.reps),
          rir: null,
          note: '',
        },
      ],
    }));
    const checked = await agent.post('/api/v1/imports/check').send({ fileName: 'sets.csv', lifts });
    expect(checked.body).toEqual({ added: 0, already: 4 });
  });
});

describe('records as JSON', () => {
  it('say what the tables say, by a schema that is published', async () => {
    const schema = JSON.parse(await file('records.schema.json'));
    expect(schema.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
    const records = JSON.parse(await file('records.json'));
    expect(Object.keys(records)).toEqual(schema.required);
    for (const name of recordNames) {
      const { required, properties } = schema.properties[name].items;
      expect(records[name]).toHaveLength((await rowsOf(`${name}.csv`)).length);
      for (const row of records[name] as object[]) {
        expect(Object.keys(row).sort()).toEqual([...required].sort());
        expect(Object.keys(row).every((key) => key in properties)).toBe(true);
      }
    }
    expect(records.sets[0]).toMatchObject({ client: 'Zoë Ångström', loadG: 61_235, at: null });
  });

  it('hold no answers to screening questions', async () => {
    await agent
      .put(`/api/v1/clients/${ids[0]}/screening`)
      .send({ answers: { heart: { yes: true, note: 'murmur', clearedBy: '', clearedOn: null } } })
      .expect(200);
    expect(await file('records.json')).not.toContain('murmur');
  });
});
