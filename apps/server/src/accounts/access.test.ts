import { nowIso, nowMs } from '@spalo/core/unit';
import { v7 } from 'uuid';
import {
  addClient,
  addColleague,
  device,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const password = 'a long enough password';
const signIn = (body: object, by = device(server.running)) =>
  by.post('/api/v1/auth/sign-in').send(body);

/** Fills the counters of an account or an address as so many failed tries would. */
const pretendTries = (count: number) => server.sql('UPDATE sign_in_tries SET tries = $1', [count]);
const noTries = () => server.sql('DELETE FROM sign_in_tries');

describe('an invitation', () => {
  it('is a link that works once, and the owner never knows the password', async () => {
    const { agent, studioId } = await newStudio(server);
    const body = { name: 'Tess', email: `tess-${v7()}@example.invalid`, role: 'trainer' };
    const { trainer, link } = (await agent.post('/api/v1/trainers').send(body).expect(200)).body;
    expect(trainer).toMatchObject({ ...body, standing: 'invited' });
    const days = (Date.parse(link.expiresAt) - nowMs()) / 86_400_000;
    expect(days).toBeGreaterThan(6);
    expect(days).toBeLessThanOrEqual(7);
    const kept = await server.sql<{ row: string }>(
      'SELECT to_jsonb(l)::text AS row FROM one_time_links l',
    );
    expect(kept.some(({ row }) => row.includes(link.token))).toBe(false);
    // Nobody signs in before it is used.
    await signIn({ email: body.email, password }).expect(401);

    const tess = device(server.running);
    const { token } = link;
    expect((await tess.post('/api/v1/links/read').send({ token }).expect(200)).body).toMatchObject({
      kind: 'invitation',
      name: 'Tess',
      email: body.email,
    });
    for (const easy of ['1234567890', 'passwordpassword', `${body.name}${body.name}${body.name}`]) {
      const refused = await tess.post('/api/v1/links/use').send({ token, password: easy });
      expect(refused.body.errors).toEqual([
        { path: 'body.password', message: expect.stringMatching(/Too easy to guess/) },
      ]);
    }
    await tess
      .post('/api/v1/links/use')
      .send({ token, password: ' '.repeat(10) })
      .expect(400);
    const used = await Promise.all(
      [tess, device(server.running)].map((by) =>
        by.post('/api/v1/links/use').send({ token, password: 'words of my own here' }),
      ),
    );
    expect(used.map(({ status }) => status).sort()).toEqual([200, 410]);
    await tess.post('/api/v1/links/read').send({ token }).expect(410);
    expect((await agent.get('/api/v1/trainers')).body.trainers).toContainEqual({
      ...trainer,
      standing: 'active',
    });
    expect(
      (await signIn({ email: body.email, password: 'words of my own here' })).body,
    ).toMatchObject({ studio: { id: studioId } });
  });

  it('runs out, is replaced by the next, and tells nothing of other studios', async () => {
    const [one, two] = [await newStudio(server), await newStudio(server)];
    const email = `both-${v7()}@example.invalid`;
    const invite = (agent: Agent) =>
      agent.post('/api/v1/trainers').send({ name: 'Bo', email, role: 'trainer' });
    const first = (await invite(one.agent).expect(200)).body;
    // The other studio learns nothing from the e-mail being in use here.
    await invite(two.agent).expect(200);
    await invite(one.agent).expect(409);
    const again = (await one.agent.post(`/api/v1/trainers/${first.trainer.id}/link`).expect(200))
      .body;
    const read = (token: string) =>
      device(server.running).post('/api/v1/links/read').send({ token });
    await read(first.link.token).expect(410);
    await read(again.token).expect(200);
    await server.sql("UPDATE one_time_links SET expires_at = the_time() - interval '1 minute'");
    await read(again.token).expect(410);
    await two.agent.post(`/api/v1/trainers/${first.trainer.id}/link`).expect(404);
  });
});

describe('who works for two studios', () => {
  it('signs in to the one they mean', async () => {
    const [one, two] = [await newStudio(server), await newStudio(server)];
    const email = `two-${v7()}@example.invalid`;
    await addColleague(server.running, one.agent, { email });
    const there = await addColleague(server.running, two.agent, { email });
    const unclear = await signIn({ email, password: there.password });
    expect(unclear.body).toMatchObject({ type: '/problems/choose-studio', status: 409 });
    expect(unclear.body.choices.map(({ id }: { id: string }) => id).sort()).toEqual(
      [one.studioId, two.studioId].sort(),
    );
    const { body } = await signIn({ email, password: there.password, studioId: two.studioId });
    expect(body.studio.id).toBe(two.studioId);
    // With a password that opens one of them only there is nothing to choose.
    await there.agent
      .put('/api/v1/auth/password')
      .send({ current: there.password, password: 'only for the second' })
      .expect(200);
    expect((await signIn({ email, password: 'only for the second' })).body.studio.id).toBe(
      two.studioId,
    );
    expect((await signIn({ email, password: there.password })).body.studio.id).toBe(one.studioId);
    await signIn({ email, password: 'neither of the two' }).expect(401);
  });
});

describe('a password', () => {
  it('is changed by who knows it, and that signs every other browser out', async () => {
    const { agent, email } = await newStudio(server);
    const other = device(server.running);
    await signIn({ email, password }, other).expect(200);
    const change = (body: object) => agent.put('/api/v1/auth/password').send(body);
    expect(
      (await change({ current: 'not mine', password: 'something quite new' })).body.errors,
    ).toEqual([{ path: 'body.current', message: 'This is not your password' }]);
    await change({ current: password, password: 'qwertyuiop' }).expect(400);
    await change({ current: password, password: 'something quite new' }).expect(200);
    await other.get('/api/v1/auth/me').expect(401);
    await agent.get('/api/v1/auth/me').expect(200);
    await signIn({ email, password }).expect(401);
    await signIn({ email, password: 'something quite new' }).expect(200);
  });

  it('that was forgotten is chosen anew by an owner’s link, which ends every sign-in', async () => {
    const { agent } = await newStudio(server);
    const tess = await addColleague(server.running, agent);
    const link = (await agent.post(`/api/v1/trainers/${tess.id}/link`).expect(200)).body;
    expect(link.kind).toBe('reset');
    await tess.agent.get('/api/v1/auth/me').expect(200);
    await device(server.running)
      .post('/api/v1/links/use')
      .send({ token: link.token, password: 'chosen another time' })
      .expect(200);
    await tess.agent.get('/api/v1/auth/me').expect(401);
    await signIn({ email: tess.email, password: tess.password }).expect(401);
    await tess.agent.post(`/api/v1/trainers/${tess.id}/link`).expect(401);
  });
});

describe('sign-ins', () => {
  it('are listed and ended, one or all but this', async () => {
    const { agent, email } = await newStudio(server);
    const [tablet, phone] = [device(server.running), device(server.running)];
    const android = 'Mozilla/5.0 (Android 14; Mobile; rv:128.0) Gecko/128.0 Firefox/128.0';
    await signIn({ email, password }, tablet.set('User-Agent', android)).expect(200);
    await signIn({ email, password }, phone).expect(200);
    const { signIns } = (await agent.get('/api/v1/auth/sign-ins').expect(200)).body;
    expect(signIns).toHaveLength(3);
    expect(signIns.filter((each: { current: boolean }) => each.current)).toHaveLength(1);
    const there = signIns.find(
      (each: { browser: string }) => each.browser === 'Firefox on Android',
    );
    await agent.delete(`/api/v1/auth/sign-ins/${there.id}`).expect(200);
    await tablet.get('/api/v1/auth/me').expect(401);
    await phone.get('/api/v1/auth/me').expect(200);
    const { agent: stranger } = await newStudio(server);
    await stranger.delete(`/api/v1/auth/sign-ins/${signIns[0].id}`).expect(404);
    await agent.post('/api/v1/auth/sign-ins/end-others').expect(200);
    await phone.get('/api/v1/auth/me').expect(401);
    await agent.get('/api/v1/auth/me').expect(200);
  });

  it('end all the same however many there are, and are counted though they work', async () => {
    const { agent, email, studioId, trainerId } = await newStudio(server);
    // As many as were there before anybody counted.
    await server.sql(
      `INSERT INTO sign_ins (token_hash, studio_id, trainer_id, expires_at, browser)
       SELECT 'held-' || n, $1, $2, the_time() + interval '1 day', 'many' FROM generate_series(1, 400) n`,
      [studioId, trainerId],
    );
    await agent.post('/api/v1/auth/sign-ins/end-others').expect(200);
    const held = await server.sql<{ n: number }>(
      'SELECT count(*)::int AS n FROM sign_ins WHERE trainer_id = $1',
      [trainerId],
    );
    expect(held[0]!.n).toBe(1);
    const statuses: number[] = [];
    for (let at = 0; at < 40; at += 1) {
      const from = device(server.running);
      statuses.push((await signIn({ email, password }, from)).status);
    }
    expect(statuses.filter((status) => status === 200).length).toBeLessThanOrEqual(30);
    expect(statuses.at(-1)).toBe(429);
    const now = await server.sql<{ n: number }>(
      'SELECT count(*)::int AS n FROM sign_ins WHERE trainer_id = $1',
      [trainerId],
    );
    expect(now[0]!.n).toBeLessThanOrEqual(20);
  });

  it('end with the next by the same browser', async () => {
    const { agent, email } = await newStudio(server);
    const first = (await signIn({ email, password }, agent).expect(200)).headers['set-cookie']![0]!;
    await signIn({ email, password }, agent).expect(200);
    const old = device(server.running).set('Cookie', first.split(';')[0]!);
    await old.get('/api/v1/auth/me').expect(401);
  });

  it('take the streams that they opened with them', async () => {
    const { agent: owner, studioId } = await newStudio(server);
    const { agent, id } = await addColleague(server.running, owner);
    const { signIns } = (await agent.get('/api/v1/auth/sign-ins')).body;
    const { token } = (await owner.post(`/api/v1/trainers/${id}/link`)).body;
    const end = () =>
      device(server.running)
        .post('/api/v1/links/use')
        .send({ token, password: 'new words for it' });
    const ended = new Promise<readonly string[]>((resolve) => {
      server.running.app.feed.follow(
        studioId,
        () => undefined,
        () => undefined,
        resolve,
      );
    });
    const stream = new Promise<void>((resolve) => {
      agent
        .get('/api/v1/stream')
        .buffer(false)
        .parse((response, done) => {
          response.on('end', () => {
            resolve();
            done(null, null);
          });
          // What ends the sign-in also tells of a change: the stream hears of that when it has ended.
          response.once('data', () => void end().then(() => undefined));
        })
        .end(() => undefined);
    });
    await stream;
    expect(await ended).toEqual([signIns[0].id]);
  });

  it('that have run out are taken away, as are links and tries', async () => {
    const { agent } = await newStudio(server);
    await server.sql("UPDATE sign_ins SET expires_at = the_time() - interval '1 minute'");
    await server.sql("UPDATE sign_in_tries SET since = the_time() - interval '2 days'");
    await agent.get('/api/v1/auth/me').expect(401);
    await server.running.app.database.pool.query('SELECT prune_access()');
    expect(await server.sql('SELECT 1 FROM sign_ins')).toEqual([]);
    expect(await server.sql('SELECT 1 FROM sign_in_tries')).toEqual([]);
  });
});

describe('tries', () => {
  beforeEach(noTries);
  afterAll(noTries);

  it('are counted by account: many addresses guess no more than one', async () => {
    const { email } = await newStudio(server);
    await signIn({ email, password: 'wrong' }).expect(401);
    await pretendTries(40);
    // What only this account and this address failed together is another count.
    await server.sql(
      'DELETE FROM sign_in_tries WHERE ctid = (SELECT min(ctid) FROM sign_in_tries)',
    );
    const answer = await signIn({ email, password });
    expect(answer.status).toBe(429);
    expect(Number(answer.headers['retry-after'])).toBeGreaterThan(800);
    expect(Number(answer.headers['retry-after'])).toBeLessThanOrEqual(900);
  });

  it('are counted by address: one password tried on many accounts', async () => {
    const answers: number[] = [];
    for (let at = 0; at < 62; at += 1) {
      answers.push(
        (await signIn({ email: `nobody${at}@example.invalid`, password: 'Summer2026!' })).status,
      );
    }
    expect(answers.slice(0, 60)).toEqual(Array(60).fill(401));
    expect(answers.slice(60)).toEqual([429, 429]);
  });

  it('believe no header about where they come from, unless a proxy is named', async () => {
    const { email } = await newStudio(server);
    const answers: number[] = [];
    for (let at = 0; at < 11; at += 1) {
      const by = device(server.running).set('X-Forwarded-For', `10.0.0.${at}`);
      answers.push((await signIn({ email, password: 'wrong' }, by)).status);
    }
    expect(answers.at(-1)).toBe(429);
    const behind = await testServer({ SPALO_TRUSTED_PROXIES: 'loopback' });
    try {
      const seen: number[] = [];
      for (let at = 0; at < 11; at += 1) {
        const by = device(behind.running).set('X-Forwarded-For', `10.0.0.${at}`);
        seen.push((await signIn({ email, password: 'wrong' }, by)).status);
      }
      expect(new Set(seen)).toEqual(new Set([401]));
    } finally {
      await behind.close();
    }
  });

  it('of strangers do not shut out a trainer whose browser is known', async () => {
    const { agent, email } = await newStudio(server);
    for (let at = 0; at < 10; at += 1) await signIn({ email, password: 'wrong' }).expect(401);
    await signIn({ email, password }).expect(429);
    await agent.post('/api/v1/auth/sign-out').expect(200);
    await signIn({ email, password }, agent).expect(200);
    // It has no more tries than others.
    for (let at = 0; at < 10; at += 1) await signIn({ email, password: 'wrong' }, agent);
    await signIn({ email, password }, agent).expect(429);
  });

  it('that worked count for nothing', async () => {
    const { email } = await newStudio(server);
    for (let at = 0; at < 25; at += 1) await signIn({ email, password }).expect(200);
  });
});

describe('leaving', () => {
  it('hands clients and coming bookings over, ends every sign-in, and keeps the name', async () => {
    const { agent, trainerId } = await newStudio(server);
    const tess = await addColleague(server.running, agent, { name: 'Tess' });
    const clientId = await addClient(tess.agent, { name: 'Hers' });
    const startsAt = new Date(nowMs() + 86_400_000).toISOString();
    await tess.agent
      .put(`/api/v1/bookings/${v7()}`)
      .send({ clientId, startsAt, minutes: 60 })
      .expect(200);
    const leave = (by: Agent, id: string, handTo: string) =>
      by.post(`/api/v1/trainers/${id}/leave`).send({ handTo });
    await leave(agent, tess.id, tess.id).expect(400);
    await leave(tess.agent, trainerId, tess.id).expect(403);
    // The only owner stays.
    await leave(agent, trainerId, tess.id).expect(409);
    await agent.put(`/api/v1/trainers/${trainerId}`).send({ role: 'trainer' }).expect(409);
    await leave(tess.agent, tess.id, trainerId).expect(200);
    await tess.agent.get('/api/v1/auth/me').expect(401);
    await signIn({ email: tess.email, password: tess.password }).expect(401);
    const { trainers } = (await agent.get('/api/v1/trainers')).body;
    expect(trainers).toContainEqual(expect.objectContaining({ name: 'Tess', standing: 'left' }));
    expect((await agent.get(`/api/v1/clients/${clientId}`)).body.mine).toBe(true);
    const query = `from=${nowIso()}&to=${new Date(nowMs() + 2 * 86_400_000).toISOString()}`;
    const { bookings } = (await agent.get(`/api/v1/bookings?${query}`)).body;
    expect(bookings.map((each: { trainerId: string }) => each.trainerId)).toEqual([trainerId]);
    // The e-mail may be invited again.
    await addColleague(server.running, agent, { email: tess.email });
  });

  it('is open to an owner once there is another', async () => {
    const { agent, trainerId } = await newStudio(server);
    const tess = await addColleague(server.running, agent);
    expect(
      (await agent.put(`/api/v1/trainers/${tess.id}`).send({ role: 'owner' }).expect(200)).body
        .role,
    ).toBe('owner');
    const demoted = await Promise.all([
      agent.put(`/api/v1/trainers/${tess.id}`).send({ role: 'trainer' }),
      tess.agent.put(`/api/v1/trainers/${trainerId}`).send({ role: 'trainer' }),
    ]);
    // Both at once would have left nobody: one of them was too late, or no longer an owner.
    expect(demoted.filter(({ status }) => status === 200)).toHaveLength(1);
  });
});

describe('own data', () => {
  it('is all that is kept about who asks, and of nobody else', async () => {
    const { agent, email, trainerId } = await newStudio(server);
    const tess = await addColleague(server.running, agent, { name: 'Tess' });
    const clientId = await addClient(tess.agent, { name: 'Hers' });
    await addClient(agent, { name: 'Mine' });
    await tess.agent.get(`/api/v1/clients/${clientId}/screening`).expect(200);
    const { body } = await tess.agent.get('/api/v1/auth/own-data').expect(200);
    expect(body).toMatchObject({
      format: 'spalo-trainer',
      account: { name: 'Tess', email: tess.email, role: 'trainer' },
      clients: [{ id: clientId, name: 'Hers' }],
      entries: { written: 0, sentByOthers: 0 },
      screeningOpenings: [{ clientId, allowed: true }],
    });
    expect(body.signIns).toHaveLength(1);
    const text = JSON.stringify(body);
    expect(text).not.toContain(email);
    expect(text).not.toContain(trainerId);
  });
});

describe('answers that refuse', () => {
  it('are kept by no cache either', async () => {
    for (const path of ['/api/v1/auth/me', '/api/v1/nowhere']) {
      const { headers, status } = await device(server.running).get(path);
      expect([401, 404]).toContain(status);
      expect(headers['cache-control']).toBe('no-store');
    }
  });
});

describe('a database with the demo, where it is not offered', () => {
  it('still lets the first studio be made', async () => {
    const demo = await testServer({ SPALO_DEMO: '0' });
    try {
      await demo.sql(
        "INSERT INTO studios (id, name, unit, zone, is_demo) VALUES ($1, 'Boathouse', 'kg', 'UTC', true)",
        [v7()],
      );
      const agent = device(demo.running);
      expect((await agent.get('/api/v1/setup')).body).toMatchObject({
        firstRun: true,
        demo: false,
      });
      const body = {
        studioName: 'Own',
        unit: 'kg',
        zone: 'UTC',
        name: 'Owner',
        email: 'own@example.invalid',
        password,
      };
      await agent.post('/api/v1/setup/studio').send(body).expect(200);
      expect((await agent.get('/api/v1/setup')).body.firstRun).toBe(false);
    } finally {
      await demo.close();
    }
  });
});
