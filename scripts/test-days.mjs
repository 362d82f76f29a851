import { existsSync, readFileSync } from 'node:fs';
import { moments, typed } from './moments.mjs';
import { inRoot } from './paths.mjs';
import { must, run } from './run.mjs';
import { ensureDebian, ensureNodeModules, forTests } from './setup.mjs';

/**
 * The whole end-to-end suite at every moment of moments.mjs, by hand and before a release; a line each, and what
 * failed. `node scripts/test-days.mjs 3 7` runs the fourth and the eighth; a test is tried once.
 */
await ensureDebian(forTests);
await ensureNodeModules();
await must('node', ['scripts/build.mjs']);
const chosen = process.argv.slice(2).map(Number);
const file = inRoot('test-results/e2e.json');
let failed = 0;
for (const [at, moment] of moments.entries()) {
  if (chosen.length > 0 && !chosen.includes(at)) continue;
  const since = performance.now();
  const code = await run(
    'npx',
    [
      'playwright',
      'test',
      '-c',
      'e2e/playwright.config.ts',
      '--retries',
      '0',
      '--reporter',
      'json',
    ],
    {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { SPALO_NOW: moment.now, TZ: moment.zone, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
    },
  );
  const report = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
  const seconds = Math.round((performance.now() - since) / 1000);
  const passed = report?.stats.expected ?? 0;
  const broken = report ? failedIn(report.suites) : ['the run itself'];
  if (code !== 0) failed += 1;
  console.log(
    `${code === 0 ? 'ok' : 'FAILED'}: ${at} ${typed(moment)} (${moment.why}), ${passed} passed, ${seconds} s`,
  );
  for (const each of broken) console.log(`  ${each}`);
}
process.exitCode = failed === 0 ? 0 : 1;

/** File and title of each test that failed in the suites of a report. */
function failedIn(suites) {
  return suites.flatMap(({ specs, suites: inner = [] }) => [
    ...specs.filter(({ ok }) => !ok).map(({ file: where, title }) => `${where}: ${title}`),
    ...failedIn(inner),
  ]);
}
