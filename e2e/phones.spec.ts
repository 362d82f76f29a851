import { type ChildProcess, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { type Browser, chromium } from '@playwright/test';
import { caddyFile, phonePage } from '../scripts/caddy.mjs';
import { chromiumOptions } from '../scripts/chromium.mjs';
import { freePort } from '../scripts/postgres.mjs';
import { expect, expectAccessible, test } from './spalo';

test.use({ scene: 'phones', serviceWorkers: 'allow' });

const done = (child: ChildProcess) =>
  new Promise<number>((resolve) => child.on('exit', (code) => resolve(code ?? 1)));

/** Caddy before a server, as `npm run serve` puts it there, and the certificate of its authority. */
async function front(port: number, folder: string) {
  const [https, http] = [await freePort(), await freePort()];
  await mkdir(path.join(folder, 'page'), { recursive: true });
  const file = path.join(folder, 'Caddyfile');
  const site = { hosts: ['127.0.0.1'], https, http, port, folder, isPublic: false };
  await writeFile(file, caddyFile(site));
  const address = `https://127.0.0.1:${https}`;
  await writeFile(path.join(folder, 'page/index.html'), phonePage(address));
  const caddy = spawn('caddy', ['run', '--config', file, '--adapter', 'caddyfile'], {
    stdio: 'ignore',
    env: { ...process.env, XDG_DATA_HOME: folder, XDG_CONFIG_HOME: folder },
  });
  const root = path.join(folder, 'pki/authorities/local/root.crt');
  await expect.poll(() => existsSync(root)).toBe(true);
  return { caddy, address, page: `http://127.0.0.1:${http}`, root };
}

/** A browser that trusts a certificate, as a phone does on which it was installed. */
async function trusting(root: string, home: string): Promise<Browser> {
  const store = path.join(home, '.pki/nssdb');
  await mkdir(store, { recursive: true });
  const certutil = (...args: string[]) =>
    done(spawn('certutil', ['-d', `sql:${store}`, ...args], { stdio: 'ignore' }));
  expect(await certutil('-N', '--empty-password')).toBe(0);
  expect(await certutil('-A', '-t', 'C,,', '-n', 'spalo', '-i', root)).toBe(0);
  return chromium.launch({ ...chromiumOptions, env: { ...process.env, HOME: home } as never });
}

test('a gym’s own machine serves phones: certificate, offline, camera, and what others change', async ({
  spalo,
}) => {
  const folder = await mkdtemp(path.join(os.tmpdir(), 'spalo-phones-'));
  const {
    caddy,
    address,
    page: handOut,
    root,
  } = await front(Number(new URL(spalo.address).port), folder);
  const browser = await trusting(root, path.join(folder, 'home'));
  try {
    const context = await browser.newContext({
      baseURL: address,
      viewport: { width: 390, height: 844 },
    });
    const page = await context.newPage();
    await page.goto(handOut);
    await expect(page.getByRole('link', { name: 'Take the certificate' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: address }).click();
    await page.getByRole('button', { name: 'Open the demo studio' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await expect(page.getByText(/This address is not secure/)).toHaveCount(0);
    await page.goto('/settings?part=phones');
    for (const holds of ['The address is secure', 'Works without network', 'Camera'])
      await expect(page.getByText(holds, { exact: true })).toBeVisible();
    await expect(page.getByText(/^This address is known to this machine alone/)).toBeVisible();
    await expectAccessible(page);
    // What another device writes comes by the stream, through the front.
    const other = await context.newPage();
    await other.goto('/clients');
    await expect(other.getByRole('link', { name: /^Runa/ })).toBeVisible();
    const name = `Ysolt ${randomUUID().slice(0, 4)}`;
    const status = await page.evaluate(async (called) => {
      const { clients } = (await (await fetch('/api/v1/clients')).json()) as {
        clients: { id: string; name: string }[];
      };
      const [first] = clients;
      const answer = await fetch(`/api/v1/clients/${first!.id}`, {
        method: 'PUT',
        headers: { 'X-Spalo': '1', 'Content-Type': 'application/json' },
        body: JSON.stringify({ ...first, name: called }),
      });
      return answer.status;
    }, name);
    expect(status).toBe(200);
    await expect(other.getByText(name)).toBeVisible();
    // The network goes: it opens all the same.
    await context.setOffline(true);
    await page.goto('/day');
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await context.close();
  } finally {
    await browser.close();
    caddy.kill();
    await done(caddy);
    await rm(folder, { recursive: true, force: true });
  }
});
