import { mkdirSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { build } from 'esbuild';
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { inRoot } from './paths.mjs';

/**
 * Films the small clips that ship with the demo, with the stand-in camera: run by hand when the camera or the scenes change
 * (`node scripts/demo-clips.mjs`); what it writes is kept in the repository, since encoding needs a browser.
 */
const out = inRoot('apps/server/demo-films');

const rep = (downS, pauseS, upS, drift, depth = 1) => ({ downS, pauseS, upS, drift, depth });
const base = {
  facing: 'right',
  width: 360,
  height: 640,
  rate: 30,
  distance: 2100,
  plateMm: 450,
  plate: 48,
  wall: 172,
  noise: 0.8,
  shake: 0.8,
  roll: 0.08,
  light: 0.03,
  walkers: 1,
  likePlates: false,
  hiddenAt: null,
  leavesAt: null,
};
const scenes = {
  // Drifts forward in the last two reps, and the last is cut short.
  squat: {
    ...base,
    seed: 41,
    lift: 'squat',
    heightMm: 1710,
    reps: [
      ...[0.8, 0.8, 0.85, 0.9, 0.95, 1].map((up, at) => rep(1, 0.05, up, 8 + 2 * at)),
      rep(0.9, 0.05, 1.2, 68),
      rep(0.85, 0.05, 1.5, 86, 0.8),
    ],
  },
  // The same lift on an earlier day: even.
  'squat-before': {
    ...base,
    seed: 43,
    lift: 'squat',
    heightMm: 1710,
    wall: 160,
    reps: [0, 1, 2, 3, 4, 5, 6, 7].map((at) => rep(1, 0.05, 0.8 + 0.05 * at, 10)),
  },
};

async function browserPage() {
  const bundle = await build({
    entryPoints: [inRoot('scripts/film/in-browser.ts')],
    bundle: true,
    write: false,
    format: 'iife',
    nodePaths: [inRoot('apps/client/node_modules'), inRoot('node_modules')],
    logLevel: 'warning',
  });
  const script = bundle.outputFiles[0].text;
  // Films are encoded on secure pages only; loopback is one.
  const server = createServer((request, response) => {
    const js = request.url === '/film.js';
    response.setHeader('Content-Type', js ? 'text/javascript' : 'text/html');
    response.end(js ? script : '<!doctype html><script src="/film.js"></script>');
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  const browser = await chromium.launch(chromiumOptions);
  const page = await browser.newPage();
  page.on('console', (message) => process.stderr.write(`${message.text()}\n`));
  await page.goto(`http://127.0.0.1:${server.address().port}/`);
  return { page, close: () => browser.close().then(() => server.close()) };
}

const { page, close } = await browserPage();
mkdirSync(out, { recursive: true });
for (const [name, scene] of Object.entries(scenes)) {
  const { base64, ...file } = await page.evaluate((each) => globalThis.encode(each), scene);
  const found = await page.evaluate((each) => globalThis.find(each), scene);
  const bytes = Buffer.from(base64, 'base64');
  writeFileSync(`${out}/${name}.webm`, bytes);
  const about = { file: { type: 'video/webm', bytes: bytes.length, ...file }, ...found };
  writeFileSync(`${out}/${name}.json`, `${JSON.stringify(about)}\n`);
  process.stdout.write(`${name}: ${Math.round(bytes.length / 1000)} kB, ${found.reps} reps\n`);
}
await close();
