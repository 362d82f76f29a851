import { liftById } from '@spalo/catalog';
import {
  blockEvent,
  type BlockEvent,
  type BlockEventType,
  type BlockPayloads,
  reduceBlock,
} from '@spalo/core/block';
import { nowMs } from '@spalo/core/unit';
import { draftBlock, templates } from '@spalo/core/blocks';
import { v7 } from 'uuid';
import { inStudio } from '../db/database';
import { addClient, newStudio, testServer, type Agent, type TestServer } from '../test/server';
import { rebuildStudio } from './rebuild';

let server: TestServer;
let agent: Agent;
let trainerId: string;
let studioId: string;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
  const [row] = await server.sql<{ id: string }>(
    `SELECT studio_id AS id FROM trainers WHERE id = '${trainerId}'`,
  );
  studioId = row!.id;
});
afterAll(() => server.close());

/** Writes a block's log as a device would. */
function blockWriter(clientId: string) {
  const streamId = v7();
  const device = v7();
  const events: BlockEvent[] = [];
  const add = <T extends BlockEventType>(type: T, payload: BlockPayloads[T]) => {
    const atMs = nowMs() - 60_000 + events.length * 1000;
    const id = v7({ msecs: atMs });
    const at = new Date(atMs).toISOString();
    const event = blockEvent({ id, streamId, at, author: trainerId, device }, type, payload);
    events.push(event);
    return event;
  };
  const lifts = ['back-squat', 'one-arm-row'].map(liftById);
  const plan = draftBlock(templates[0]!, lifts, { from: '2026-11-23', days: 2 });
  add('block.started', { clientId, plan });
  return { streamId, events, add };
}

const send = (events: readonly BlockEvent[], by = agent) =>
  by.post('/api/v1/events').send({ events });
const clientOf = async (id: string) =>
  (await agent.get(`/api/v1/clients/${id}`).expect(200)).body as {
    mark: string;
    blocks: { id: string; name: string }[];
  };

describe('a block', () => {
  it('comes with its client as its log tells it, under another mark', async () => {
    const clientId = await addClient(agent);
    const before = await clientOf(clientId);
    expect(before.blocks).toEqual([]);
    const { events, add, streamId } = blockWriter(clientId);
    await send(events).expect(200);
    const after = await clientOf(clientId);
    expect(after.blocks).toEqual([reduceBlock(events)]);
    expect(after.mark).not.toBe(before.mark);
    add('block.asked', { liftId: 'back-squat', week: 0, day: 0, ask: null });
    add('block.named', { name: 'Before the regatta' });
    await send(events).expect(200);
    expect((await clientOf(clientId)).blocks).toEqual([reduceBlock(events)]);
    // A device that comes later fetches the whole log of what goes on.
    const { body } = await agent.get('/api/v1/events/live').expect(200);
    const live = (body.events as { streamId: string }[]).filter(
      (event) => event.streamId === streamId,
    );
    expect(live).toHaveLength(3);
  });

  it('is gone where its start was a mistake, and comes back', async () => {
    const clientId = await addClient(agent);
    const { events, add } = blockWriter(clientId);
    const eventIds = [events[0]!.id];
    add('entries.withdrawn', { eventIds, withdrawn: true });
    await send(events).expect(200);
    expect((await clientOf(clientId)).blocks).toEqual([]);
    await send([add('entries.withdrawn', { eventIds, withdrawn: false })]).expect(200);
    expect((await clientOf(clientId)).blocks).toHaveLength(1);
  });

  it('is for a client of the studio only, and whole', async () => {
    const clientId = await addClient(agent);
    const other = await newStudio(server);
    await send(blockWriter(v7()).events).expect(404);
    await send(blockWriter(clientId).events, other.agent).expect(404);
    const { events } = blockWriter(clientId);
    const [start] = events;
    if (start?.type !== 'block.started') throw new Error('a block begins with its start');
    const plan = { ...start.payload.plan, weeks: 3 };
    const answer = await send([{ ...start, payload: { clientId, plan } }]).expect(400);
    expect(JSON.stringify(answer.body)).toContain('more or fewer weeks');
  });

  it('is made anew from the log, and gone with a client who is deleted for good', async () => {
    const clientId = await addClient(agent);
    const { events, streamId } = blockWriter(clientId);
    await send(events).expect(200);
    const rows = () => server.sql('SELECT to_jsonb(b) AS row FROM blocks b ORDER BY id');
    const live = await rows();
    await inStudio(server.running.app.database, studioId, (db) => rebuildStudio(db, studioId));
    expect(await rows()).toEqual(live);
    const { body } = await agent.get(`/api/v1/clients/${clientId}/export`).expect(200);
    expect((body.events as { streamId: string }[]).map((event) => event.streamId)).toContain(
      streamId,
    );
    await agent.delete(`/api/v1/clients/${clientId}`).set('X-Spalo', '1').expect(200);
    expect(await server.sql(`SELECT 1 FROM events WHERE stream_id = '${streamId}'`)).toEqual([]);
    expect(await server.sql(`SELECT 1 FROM blocks WHERE id = '${streamId}'`)).toEqual([]);
    await send(events).expect(410);
  });
});
