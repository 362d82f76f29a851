import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { inRoot } from './paths.mjs';
import { must } from './run.mjs';

const lessons = inRoot('packages/catalog/lessons');
const made = inRoot('packages/catalog/src/made');
const stamp = path.join(made, '.hash');

function hashOf(...folders) {
  const hash = createHash('sha256');
  const add = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true })) {
      const full = path.join(folder, entry.name);
      if (entry.isDirectory()) add(full);
      else hash.update(entry.name).update(readFileSync(full));
    }
  };
  folders.forEach(add);
  return hash.digest('hex');
}

/** Checks the lessons and compiles them into modules, where they or their rules have changed. */
export async function compileLessons() {
  const src = inRoot('packages/catalog/src');
  const wanted = hashOf(lessons, `${src}/authoring`, `${src}/schema`, `${src}/facts`);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  const { build } = await import('esbuild');
  const outfile = inRoot('node_modules/.cache/spalo/lessons.mjs');
  mkdirSync(path.dirname(outfile), { recursive: true });
  await build({
    entryPoints: [inRoot('packages/catalog/src/authoring/main.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    external: ['zod', 'yaml'],
  });
  await must('node', [outfile, lessons, made]);
  writeFileSync(stamp, wanted);
}

// Without await: jest reads its configuration, which imports this, synchronously.
if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) void compileLessons();
