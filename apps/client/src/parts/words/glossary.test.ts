import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const root = path.resolve(__dirname, '../../../../..');
const page = readFileSync(path.join(root, 'docs/glossary.md'), 'utf8');

/** The words that others have replaced, by the last column of the table. */
const replaced = page
  .split('\n')
  .filter((line) => line.startsWith('|'))
  .slice(2)
  .flatMap((line) => (line.split('|')[3] ?? '').split(','))
  .map((word) => word.trim())
  .filter(Boolean);

function sources(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(dir, entry.name);
    if (entry.isDirectory()) return sources(file);
    return /\.tsx?$/.test(entry.name) && !/\.test\.|test-help/.test(entry.name) ? [file] : [];
  });
}

/** What is written in a file between quotes or between tags: comments and names of code are left out. */
function writtenIn(file: string): string[] {
  const code = readFileSync(file, 'utf8').replace(/\/\*[\s\S]*?\*\/|^\s*\/\/.*$/gm, '');
  return [...code.matchAll(/'([^'\n]*)'|"([^"\n]*)"|`([^`]*)`|>([^<>{}]+)</g)].map(
    ([, ...texts]) => texts.find((text) => text !== undefined) ?? '',
  );
}

describe('words on screens', () => {
  it('has words to look for', () => {
    expect(replaced.length).toBeGreaterThan(10);
  });

  it('are those of the glossary, and none that it has replaced', () => {
    const found = sources(path.join(root, 'apps/client/src')).flatMap((file) =>
      writtenIn(file).flatMap((text) =>
        replaced
          .filter((word) => new RegExp(`\\b${word}\\b`).test(text))
          .map((word) => `${path.relative(root, file)}: ${word}`),
      ),
    );
    expect(found).toEqual([]);
  });
});
