import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { config } from './config';
import { device, testServer, type TestServer } from '../test/server';

const clientDir = mkdtempSync(path.join(tmpdir(), 'spalo-client-'));
mkdirSync(path.join(clientDir, '_expo'));
writeFileSync(path.join(clientDir, 'index.html'), '<title>Spalo</title>');
writeFileSync(path.join(clientDir, 'sw.js'), '// worker');
const entry = '// entry of the client\n'.repeat(400);
writeFileSync(path.join(clientDir, '_expo/entry-0123abcd.js'), entry);
writeFileSync(path.join(clientDir, '_expo/entry-0123abcd.js.br'), brotliCompressSync(entry));

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ CLIENT_DIR: clientDir });
});
afterAll(() => server.close());
const get = (url: string) => device(server.running).get(url);

describe('the client', () => {
  it('gets the shell for every page, and always asks for it', async () => {
    for (const page of ['/', '/day', '/clients/some-id']) {
      const answer = await get(page).expect(200);
      expect(answer.text).toContain('<title>Spalo</title>');
      expect(answer.headers['cache-control']).toBe('no-cache');
    }
    expect((await get('/sw.js').expect(200)).headers['cache-control']).toBe('no-cache');
  });

  it('keeps files that are named by their content', async () => {
    const answer = await get('/_expo/entry-0123abcd.js').expect(200);
    expect(answer.headers['cache-control']).toMatch(/immutable/);
  });

  it('gets files as the build packed them, where it can read that', async () => {
    const ask = (encoding: string) =>
      get('/_expo/entry-0123abcd.js').set('Accept-Encoding', encoding).expect(200);
    const packed = await ask('gzip, deflate, br');
    expect(packed.headers).toMatchObject({
      'content-encoding': 'br',
      'content-length': String(brotliCompressSync(entry).length),
      'content-type': expect.stringMatching(/javascript/),
      'cache-control': expect.stringMatching(/immutable/),
      vary: expect.stringMatching(/Accept-Encoding/),
    });
    const plain = await ask('identity');
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(plain.text).toBe(entry);
  });

  it('gets no shell in place of a file that is not there, nor for an unknown operation', async () => {
    expect((await get('/missing.js').expect(404)).headers['content-type']).toMatch(
      'application/problem+json',
    );
    expect((await get('/api/v1/missing').expect(404)).body.type).toBe('/problems/not-found');
    await get('/../package.json').expect(404);
  });
});

describe('the API', () => {
  it('serves its own description', async () => {
    const { body } = await get('/api/v1/openapi.json').expect(200);
    expect(body.openapi).toBe('3.1.0');
    expect(Object.keys(body.paths).length).toBeGreaterThan(15);
  });

  it('never lets an answer be kept by a cache', async () => {
    expect((await get('/api/v1/setup').expect(200)).headers['cache-control']).toBe('no-store');
  });

  it('gives each answer a request id of its own', async () => {
    const [one, two] = [await get('/health'), await get('/health')];
    expect(one.headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
    expect(one.headers['x-request-id']).not.toBe(two.headers['x-request-id']);
  });
});

describe('a name that leads here', () => {
  it('is answered where it is Spalo’s: this machine, figures, and what the origins name', async () => {
    const named = await testServer({
      SPALO_ORIGIN: 'https://gym.example, http://hall.local:8080/',
    });
    const from = (host: string) => device(named.running).get('/api/v1/setup').set('Host', host);
    for (const host of [
      'localhost:4600',
      '127.0.0.1',
      '192.168.1.9:4600',
      '[::1]',
      'gym.example',
      'hall.local',
    ])
      expect([host, (await from(host)).status]).toEqual([host, 200]);
    for (const host of [
      'elsewhere.example',
      'gym.example.elsewhere.example',
      'localhost.example',
      'no name at all',
    ]) {
      const { status, body } = await from(host);
      expect([host, status, body.type]).toEqual([host, 421, '/problems/wrong-host']);
    }
    // Behind a proxy that does not pass the name on, the origin still says who asks.
    const tries = (origin: string) =>
      device(named.running)
        .post('/api/v1/auth/demo')
        .set('Host', '127.0.0.1')
        .set('Origin', origin);
    expect((await tries('https://gym.example')).body.type).toBe('/problems/not-found');
    expect((await tries('https://elsewhere.example')).body.type).toBe('/problems/cross-site');
    await named.close();
  });
});

describe('the configuration', () => {
  const APP_DATABASE_URL = 'postgres://app:x@127.0.0.1:5432/spalo';
  it('has sensible defaults', () => {
    expect(config.parse({ APP_DATABASE_URL })).toMatchObject({
      port: 4600,
      host: '127.0.0.1',
      demo: false,
      gallery: false,
      secureCookies: false,
      clientDir: null,
    });
  });
  it.each([
    ['no database', {}],
    ['a port that is none', { APP_DATABASE_URL, PORT: '99999' }],
    ['a flag that is none', { APP_DATABASE_URL, SPALO_DEMO: 'yes' }],
    ['a level that is none', { APP_DATABASE_URL, LOG_LEVEL: 'loud' }],
    ['an origin that is none', { APP_DATABASE_URL, SPALO_ORIGIN: 'gym example' }],
  ])('refuses %s', (_name, env) => {
    expect(config.safeParse(env).success).toBe(false);
  });
});
