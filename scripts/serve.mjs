import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { caddyFile, phonePage } from './caddy.mjs';
import { dataDir, inRoot } from './paths.mjs';
import { ensureDebian } from './setup.mjs';

/**
 * Serves Spalo to phones by HTTPS: Caddy in front, which makes and renews certificates. Without a public name it is its own
 * authority, whose root certificate a page hands to phones; with one (SPALO_NAME=gym.example SPALO_PUBLIC=1) certificates are
 * those that every phone trusts.
 */
const isRoot = process.getuid() === 0;
const isPublic = process.env.SPALO_PUBLIC === '1';
const name = process.env.SPALO_NAME ?? `${os.hostname().split('.')[0]}.local`;
const https = Number(process.env.SPALO_HTTPS_PORT ?? (isRoot ? 443 : 8443));
const http = Number(process.env.SPALO_HTTP_PORT ?? (isRoot ? 80 : 8080));
const port = Number(process.env.PORT ?? 4600);
const folder = path.join(dataDir, 'caddy');
const at = (host) => `https://${host}${https === 443 ? '' : `:${https}`}`;

/** Addresses of this machine in its own networks, which phones that know no names of it can open. */
const figures = Object.values(os.networkInterfaces())
  .flat()
  .filter((each) => each && !each.internal && each.family === 'IPv4')
  .map(({ address }) => address);

const hosts = isPublic ? [name] : [name, ...figures];

await ensureDebian({ caddy: true });
mkdirSync(path.join(folder, 'page'), { recursive: true, mode: 0o700 });
const file = path.join(folder, 'Caddyfile');
writeFileSync(file, caddyFile({ hosts, https, http, port, folder, isPublic }));

const caddy = spawn('caddy', ['run', '--config', file, '--adapter', 'caddyfile'], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, XDG_DATA_HOME: folder, XDG_CONFIG_HOME: folder },
});
caddy.on('error', (error) => {
  console.error(`Caddy cannot be started: ${error.message}`);
  process.exitCode = 1;
});

/** The root certificate lies beside the page that hands it out as soon as Caddy has made it. */
const root = path.join(folder, 'pki/authorities/local/root.crt');
const handOut = setInterval(() => {
  if (isPublic || !existsSync(root)) return;
  clearInterval(handOut);
  writeFileSync(path.join(folder, 'page/spalo-root.crt'), readFileSync(root));
  writeFileSync(path.join(folder, 'page/index.html'), phonePage(at(name)));
}, 200);

console.log(`On phones: ${hosts.map(at).join('  or  ')}`);
if (!isPublic)
  console.log(
    `First, once a phone: http://${figures[0] ?? name}${http === 80 ? '' : `:${http}`} (its certificate, with steps)`,
  );

const spalo = spawn('node', [inRoot('scripts/start.mjs')], {
  stdio: 'inherit',
  env: {
    ...process.env,
    HOST: '127.0.0.1',
    SPALO_ORIGIN: [process.env.SPALO_ORIGIN, ...hosts.map(at)].filter(Boolean).join(','),
    SPALO_SECURE_COOKIES: '1',
    SPALO_TRUSTED_PROXIES: '127.0.0.1',
  },
});
const stop = () => {
  clearInterval(handOut);
  caddy.kill('SIGTERM');
  spalo.kill('SIGTERM');
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
caddy.on('exit', (code) => {
  if (code)
    console.error(
      'Caddy ended: are its ports free? SPALO_HTTPS_PORT and SPALO_HTTP_PORT name others',
    );
  stop();
});
spalo.on('exit', (code) => {
  process.exitCode ||= code ?? 0;
  stop();
});
