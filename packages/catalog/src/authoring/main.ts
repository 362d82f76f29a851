import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parse } from 'yaml';
import { drills } from '../drills/drills';
import { catalogueLifts as lifts } from '../facts/lifts';
import { compileAll, LessonProblems } from './compile';

/** Reads the lessons of a folder and writes what the product imports: an index, and a module a lift. */
const [from, to] = process.argv.slice(2) as [string, string];

function sources(): Map<string, unknown> {
  const found = new Map<string, unknown>();
  for (const folder of readdirSync(from)) {
    for (const file of readdirSync(path.join(from, folder))) {
      const text = readFileSync(path.join(from, folder, file), 'utf8');
      found.set(`${folder}/${file.replace(/\.yaml$/, '')}`, parse(text));
    }
  }
  return found;
}

const NOTE = '// Made from lessons/ by npm run lessons; not to be edited.\n';
const json = (value: unknown) => JSON.stringify(value);

try {
  const compiled = compileAll(sources(), {
    lifts: new Map(lifts.map((lift) => [lift.id, lift.name])),
    drills: new Map(drills.map((drill) => [drill.id, drill.name])),
  });
  rmSync(to, { recursive: true, force: true });
  mkdirSync(path.join(to, 'lifts'), { recursive: true });
  const index = Object.fromEntries(compiled.map(({ liftId, taught }) => [liftId, taught]));
  writeFileSync(
    path.join(to, 'taught.ts'),
    `${NOTE}import type { Taught } from '../schema/taught';\n\nexport const taught: Record<string, Taught> = ${json(index)};\n`,
  );
  writeFileSync(
    path.join(to, 'loaders.ts'),
    `${NOTE}import type { Lesson } from '../schema/lesson';\n\nexport const loaders: Record<string, () => Promise<{ lesson: Lesson }>> = {\n${compiled
      .map(({ liftId }) => `  '${liftId}': () => import('./lifts/${liftId}'),\n`)
      .join('')}};\n`,
  );
  for (const { liftId, lesson } of compiled) {
    writeFileSync(
      path.join(to, 'lifts', `${liftId}.ts`),
      `${NOTE}import type { Lesson } from '../../schema/lesson';\n\nexport const lesson: Lesson = ${json(lesson)};\n`,
    );
  }
} catch (error) {
  if (!(error instanceof LessonProblems)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
}
