import {
  addColleague,
  answerBody,
  clientBody,
  device,
  newStudio,
  testServer,
  type TestServer,
} from '../test/server';
import { v7 } from 'uuid';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const studio = {
  studioName: 'First',
  unit: 'kg',
  zone: 'UTC',
  name: 'Owner',
  email: 'first@example.invalid',
  password: 'a long enough password',
};

describe('the first start', () => {
  it('makes one studio, signs its owner in, and makes no second one', async () => {
    const agent = device(server.running);
    expect((await agent.get('/api/v1/setup')).body).toMatchObject({ firstRun: true, demo: false });
    // From another machine only who can read what was printed where it was started.
    const away = { 'X-Forwarded-For': '192.0.2.7' };
    const elsewhere = device(server.running);
    const there = await elsewhere.get('/api/v1/setup').set(away);
    expect([there.body.needsCode, (await agent.get('/api/v1/setup')).body.needsCode]).toEqual([
      true,
      false,
    ]);
    const fromThere = (code?: string) =>
      elsewhere
        .post('/api/v1/setup/studio')
        .set(away)
        .send({ ...studio, email: 'second@example.invalid', code });
    expect((await fromThere()).status).toBe(403);
    expect((await fromThere('23456789')).status).toBe(403);
    const archive = elsewhere.post('/api/v1/setup/archive').set(away);
    const refused = await archive.set('Content-Type', 'application/octet-stream').send('x');
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringMatching(/the code/)]);
    const both = await Promise.all([
      agent.post('/api/v1/setup/studio').send(studio),
      fromThere(server.running.app.setupCode.toLowerCase()),
    ]);
    expect(both.map((answer) => answer.status).sort()).toEqual([200, 409]);
    const again = await device(server.running)
      .post('/api/v1/setup/studio')
      .send({ ...studio, email: 'third@example.invalid' });
    expect(again.body).toMatchObject({ type: '/problems/conflict', status: 409 });
    expect((await agent.get('/api/v1/setup')).body.firstRun).toBe(false);
  });

  it('says field by field what is wrong', async () => {
    const answer = await device(server.running)
      .post('/api/v1/setup/studio')
      .send({ ...studio, password: 'short', zone: 'Nowhere/Land' });
    expect(answer.status).toBe(400);
    expect(answer.headers['content-type']).toMatch('application/problem+json');
    expect(answer.body.errors).toEqual(
      expect.arrayContaining([
        { path: 'body.password', message: 'At least 10 characters' },
        { path: 'body.zone', message: 'Not a known time zone' },
      ]),
    );
    expect(answer.body.instance).toBe(answer.headers['x-request-id']);
  });
});

describe('signing in', () => {
  it('sets a cookie that scripts cannot read and other sites do not send', async () => {
    const { email } = await newStudio(server);
    const answer = await device(server.running)
      .post('/api/v1/auth/sign-in')
      .send({ email: email.toUpperCase(), password: 'a long enough password' });
    expect(answer.status).toBe(200);
    const [cookie] = answer.headers['set-cookie'] as unknown as string[];
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    const [row] = await server.sql<{ found: boolean }>(
      'SELECT EXISTS (SELECT 1 FROM sign_ins WHERE token_hash = $1) AS found',
      [/spalo_session=([^;]+)/.exec(cookie!)![1]],
    );
    expect(row!.found).toBe(false);
  });

  it('keeps Argon2id hashes, never passwords', async () => {
    const rows = await server.sql<{ password_hash: string }>('SELECT password_hash FROM trainers');
    expect(rows.length).toBeGreaterThan(0);
    for (const row of rows) expect(row.password_hash).toMatch(/^\$argon2id\$/);
  });

  it('answers alike for a wrong password and a wrong e-mail', async () => {
    const { email } = await newStudio(server);
    const tries = await Promise.all(
      [email, 'nobody@example.invalid'].map((each) =>
        device(server.running)
          .post('/api/v1/auth/sign-in')
          .send({ email: each, password: 'wrong password' }),
      ),
    );
    for (const { status, body } of tries) {
      expect(status).toBe(401);
      expect(body).toMatchObject({ type: '/problems/wrong-password' });
    }
  });

  it('is throttled after ten tries, on every instance, and not for others', async () => {
    const { email } = await newStudio(server);
    const other = await server.another();
    const attempt = (password: string, running = server.running) =>
      device(running).post('/api/v1/auth/sign-in').send({ email, password });
    for (let count = 0; count < 10; count += 1)
      expect((await attempt('wrong one')).status).toBe(401);
    expect((await attempt('a long enough password')).status).toBe(429);
    expect((await attempt('a long enough password', other)).status).toBe(429);
    const { email: someoneElse } = await newStudio(server);
    await device(server.running)
      .post('/api/v1/auth/sign-in')
      .send({ email: someoneElse, password: 'a long enough password' })
      .expect(200);
  });

  it('ends with sign-out', async () => {
    const { agent } = await newStudio(server);
    await agent.get('/api/v1/auth/me').expect(200);
    await agent.post('/api/v1/auth/sign-out').expect(200);
    await agent.get('/api/v1/auth/me').expect(401);
  });

  it('offers no demo where none is loaded', async () => {
    await device(server.running).post('/api/v1/auth/demo').expect(404);
  });
});

describe('requests from elsewhere', () => {
  it('are refused without the header, from another origin, or as a form', async () => {
    const { agent } = await newStudio(server);
    const put = () => agent.put(`/api/v1/clients/${v7()}`);
    await put().unset('X-Spalo').send(clientBody).expect(403);
    await put().set('Origin', 'https://elsewhere.invalid').send(clientBody).expect(403);
    await put().type('form').send('name=x').expect(415);
    await put().set('Origin', server.running.address).send(clientBody).expect(200);
  });

  it('get strict headers', async () => {
    const answer = await device(server.running).get('/health').expect(200);
    expect(answer.headers['content-security-policy']).toMatch("default-src 'self'");
    expect(answer.headers['content-security-policy']).not.toMatch(/script-src[^;]*'unsafe/);
    expect(answer.headers['x-powered-by']).toBeUndefined();
    await device(server.running).get('/ready').expect(200);
  });
});

describe('roles', () => {
  it('let owners add trainers and nobody else', async () => {
    const { agent } = await newStudio(server);
    const body = { name: 'Tess', email: `tess-${v7()}@example.invalid`, role: 'trainer' };
    const { agent: tess } = await addColleague(server.running, agent, body);
    await agent.post('/api/v1/trainers').send(body).expect(409);
    await tess.get('/api/v1/trainers').expect(200);
    const refused = await tess
      .post('/api/v1/trainers')
      .send({ ...body, email: 'x@example.invalid' });
    expect(refused.body).toMatchObject({ type: '/problems/not-allowed', status: 403 });
  });
});

describe('screening answers', () => {
  it('open for the client’s trainers only, and every opening is recorded', async () => {
    const { agent } = await newStudio(server);
    const id = v7();
    await agent.put(`/api/v1/clients/${id}`).send(clientBody).expect(200);
    const answers = { heart: { ...answerBody, note: 'takes tablets' } };
    await agent.put(`/api/v1/clients/${id}/screening`).send({ answers }).expect(200);
    expect((await agent.get(`/api/v1/clients/${id}/screening`)).body.answers).toEqual(answers);

    const { agent: other } = await addColleague(server.running, agent);
    await other.get(`/api/v1/clients/${id}`).expect(200);
    await other.get(`/api/v1/clients/${id}/screening`).expect(403);
    await other.put(`/api/v1/clients/${id}/screening`).send({ answers: {} }).expect(403);

    const { openings } = (await agent.get(`/api/v1/clients/${id}/screening/openings`)).body;
    expect(
      openings.map((each: { trainerName: string; allowed: boolean }) => [
        each.trainerName,
        each.allowed,
      ]),
    ).toEqual([
      ['Col', false],
      ['Owner', true],
    ]);
  });
});
