import type { OwnLift } from '@spalo/core/technique';
import type { ClientHistory } from '@spalo/core/memory';
import type { Room } from '@spalo/core/room';
import { v7 } from 'uuid';
import {
  addClient,
  clientBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
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

const body = (change: Partial<OwnLift> = {}): Omit<OwnLift, 'id'> => ({
  liftId: 'own-heels',
  added: { name: 'Goblet squat, heels up', like: 'goblet-squat' },
  styles: [],
  checkpoints: [],
  cues: [],
  hidden: [],
  ...change,
});
const put = (id: string, change: Partial<OwnLift> = {}, by = agent) =>
  by.put(`/api/v1/own-lifts/${id}`).send(body(change));
const list = async (by = agent) => (await by.get('/api/v1/own-lifts').expect(200)).body.lifts;

/** A session in which a lift was done for some sets and finished. */
async function trained(clientId: string, liftId: string): Promise<void> {
  const writer = sessionWriter({ clientId, trainerId, room });
  const [start] = writer.events;
  if (start?.type !== 'session.started') throw new Error('no start');
  const lift = { ...start.payload.lifts[0]!, liftId };
  start.payload = { ...start.payload, lifts: [lift] };
  const { loadG, reps } = lift.steps[0]!;
  for (let step = 0; step < 3; step += 1) {
    writer.append('set.logged', {
      liftId,
      step,
      kind: 'working',
      loadG,
      reps,
      cleanReps: reps,
      marks: [],
      rir: 2,
      proposed: { loadG, reps },
    });
  }
  writer.append('session.finished', {});
  await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
}
const historyOf = async (clientId: string): Promise<ClientHistory> =>
  (await agent.get(`/api/v1/clients/${clientId}`).expect(200)).body.history;

describe('a studio’s own lifts', () => {
  it('are added, changed and listed for all trainers of the studio, and for nobody else', async () => {
    const id = v7();
    await put(id).expect(200);
    const cue = {
      id: 'own-cue',
      styleIds: ['chest-held'],
      checkpointId: 'gq-bell',
      phase: 'set-up' as const,
      text: 'Heels heavy',
      kind: 'outside' as const,
    };
    await put(id, { cues: [cue] }).expect(200);
    expect(await list()).toMatchObject([{ id, cues: [{ text: 'Heels heavy' }] }]);
    expect(await list((await newStudio(server)).agent)).toEqual([]);
  });

  it.each([
    ['like no lift there is', { added: { name: 'X', like: 'juggling' } }, 'body.added.like'],
    ['of no lift there is', { liftId: 'juggling', added: null }, 'body.liftId'],
    ['an added lift that takes a name of the catalogue', { liftId: 'deadlift' }, 'body.liftId'],
    [
      'a style without a name',
      { styles: [{ id: 'a', from: 'b', name: '', suits: '', standard: 'x' }] },
      'body.styles.0.name',
    ],
  ])('refuse %s', async (_what, change, path) => {
    const answer = await put(v7(), change as Partial<OwnLift>).expect(400);
    expect(answer.body.errors).toEqual(expect.arrayContaining([expect.objectContaining({ path })]));
  });

  it('are one a lift: a second device is told', async () => {
    await put(v7(), { liftId: 'own-twice' }).expect(200);
    await put(v7(), { liftId: 'own-twice' }).expect(409);
  });

  it('may stand in a programme, are believed of like any lift once trained, and stay from then on', async () => {
    const id = v7();
    await put(id, { liftId: 'own-trained' }).expect(200);
    const clientId = await addClient(agent);
    await agent
      .put(`/api/v1/clients/${clientId}`)
      .send({ ...clientBody, programme: ['own-trained'] })
      .expect(200);
    await agent
      .put(`/api/v1/clients/${clientId}`)
      .send({ ...clientBody, programme: ['own-nobody-knows'] })
      .expect(400);
    await trained(clientId, 'own-trained');
    const { belief, lifts } = await historyOf(clientId);
    const at = belief!.liftIds.indexOf('own-trained');
    expect(at).toBeGreaterThan(0);
    expect(belief!.sets[at]).toBe(3);
    expect(lifts['own-trained']).toBeDefined();
    await agent.delete(`/api/v1/own-lifts/${id}`).expect(409);
  });

  it('go again while nobody has trained them', async () => {
    const id = v7();
    await put(id, { liftId: 'own-short-lived' }).expect(200);
    await agent.delete(`/api/v1/own-lifts/${id}`).expect(200);
    await agent.delete(`/api/v1/own-lifts/${id}`).expect(404);
    await put(id, { liftId: 'deadlift', added: null, hidden: ['dl-click-first'] }).expect(200);
    await agent.delete(`/api/v1/own-lifts/${id}`).expect(200);
  });
});
