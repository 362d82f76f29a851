import { createServer, get } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { v7 } from 'uuid';
import { API_BASE } from '@spalo/contract';
import { device, newStudio, testServer, type TestServer } from '../test/server';
import { makeServer } from './compose';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

/** One request as it is, without a client that tidies its address up. */
const ask = (port: number, path: string): Promise<number> =>
  new Promise((resolve, reject) => {
    get({ port, path, host: '127.0.0.1' }, (response) => {
      response.resume();
      response.on('end', () => resolve(response.statusCode ?? 0));
    }).on('error', reject);
  });

describe('what is logged of requests', () => {
  it('names routes, and neither the secret of a calendar nor anybody’s id, however it is spelt', async () => {
    const lines: string[] = [];
    const log = pino({ level: 'info' }, { write: (line: string) => void lines.push(line) });
    const http = createServer(makeServer({ ...server.running.app, log }, null));
    await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
    const { port } = http.address() as AddressInfo;
    const secret = 'c0ffee-the-address-of-a-calendar';
    const id = v7();
    const addresses = [
      `/calendar/${secret}.ics`,
      `/Calendar/${secret}.ics`,
      `//calendar/${secret}.ics`,
      `/%63alendar/${secret}.ics`,
      `/calendar/${secret}.ics/`,
      `/calendar/${secret}.ics?of=${id}`,
      `${API_BASE}/clients/${id}`,
      `${API_BASE}/clients/${id}/screening`,
    ];
    for (const address of addresses) await ask(port, address);
    await new Promise((resolve) => http.close(resolve));
    const said = lines.join('');
    expect(lines.length).toBeGreaterThanOrEqual(addresses.length);
    expect(said).toContain('"route":"/calendar/:token.ics"');
    for (const hidden of [secret, encodeURIComponent(secret), id])
      expect(said).not.toContain(hidden);
  });
});

describe('streams', () => {
  it('of one sign-in are a few: the oldest makes room', async () => {
    const { agent } = await newStudio(server);
    const { email } = (await agent.get('/api/v1/auth/me').expect(200)).body.trainer;
    const { headers } = await device(server.running)
      .post('/api/v1/auth/sign-in')
      .send({ email, password: 'a long enough password' })
      .expect(200);
    const cookies = (headers['set-cookie'] as unknown as string[]).map(
      (each) => each.split(';')[0],
    );
    const Cookie = cookies.join('; ');
    const { port } = new URL(server.running.address);
    const ended: number[] = [];
    const open = async (at: number) =>
      new Promise<() => void>((resolve) => {
        const request = get(
          { port, path: `${API_BASE}/stream`, host: '127.0.0.1', headers: { Cookie } },
          (response) => {
            response.once('data', () => resolve(() => request.destroy()));
            response.resume();
            response.on('end', () => ended.push(at));
          },
        );
        request.on('error', () => undefined);
      });
    const close: (() => void)[] = [];
    for (let at = 0; at < 11; at += 1) close.push(await open(at));
    // The eleventh is open, so what it pushed out has been told to end; one more round lets that arrive.
    await agent.get('/api/v1/auth/me').expect(200);
    expect(ended).toEqual([0, 1, 2]);
    close.forEach((end) => end());
  });
});
