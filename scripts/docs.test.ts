import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';

const root = join(__dirname, '..');
const NOT_OURS = new Set(['node_modules', '.git', 'dist', '.expo', '.data', 'test-results']);

function pathsIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    if (NOT_OURS.has(name)) return [];
    const path = join(folder, name);
    const own = relative(root, path);
    return statSync(path).isDirectory() ? [own, ...pathsIn(path)] : [own];
  });
}

/** What the docs may call a path: as it stands, or from the name of its package or app on. */
const named = new Set(
  pathsIn(root).flatMap((path) => {
    const short = path.replace(/^(packages|apps)\/([^/]+)\/src\//, '$2/');
    const all = [path, short, short.slice(short.indexOf('/') + 1)];
    return [...all, ...all.map((each) => each.replace(/\.tsx?$/, ''))];
  }),
);

/** The entries that packages export, by the name they are imported by. */
const faces = new Set(
  readdirSync(join(root, 'packages')).flatMap((name) => {
    const { exports } = JSON.parse(
      readFileSync(join(root, 'packages', name, 'package.json'), 'utf8'),
    );
    return Object.keys(exports).map((face) => join(name, face));
  }),
);

const pages = ['README.md', ...readdirSync(join(root, 'docs')).map((name) => `docs/${name}`)]
  .filter((path) => path.endsWith('.md'))
  .map((path) => ({ path, text: readFileSync(join(root, path), 'utf8') }));
const quoted = (text: string) => [...text.matchAll(/`([^`\n]+)`/g)].map(([, inner]) => inner!);

const PLACES =
  /^(@spalo|packages|apps|e2e|scripts|docs|fixtures|examples|core|catalog|coaching|contract|server|client)\//;

describe.each(pages)('$path', ({ text }) => {
  it('quotes only paths that are there', () => {
    const gone = quoted(text)
      .filter((each) => PLACES.test(each) && /^[\w@.\-/]+$/.test(each))
      .map((each) => each.replace(/\/$/, '').replace(/^@spalo\//, ''))
      // A face is imported by its name; where it stands is the package's affair.
      .filter((each) => !named.has(each) && !faces.has(each));
    expect(gone).toEqual([]);
  });

  it('says numbers as the code has them', () => {
    const marks = [...text.matchAll(/<!-- (\S+\.ts): (.+?) -->/g)];
    const gone = marks.filter(
      ([, path, numbers]) => !readFileSync(join(root, path!), 'utf8').includes(numbers!),
    );
    expect(gone.map(([mark]) => mark)).toEqual([]);
  });

  it('names only commands that are there', () => {
    const { scripts } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
    const own = new Set([...Object.keys(scripts), 'ci', 'install']);
    const asked = [...text.matchAll(/\bnpm run (?:-s |--silent )?([\w:-]+)/g)].map(([, it]) => it!);
    expect(asked.filter((each) => !own.has(each))).toEqual([]);
  });

  it('links only to what is there', () => {
    const here = text.matchAll(/\]\((?!https?:|#)([^)#]+)/g);
    const from = pages.find((page) => page.text === text)!.path;
    const gone = [...here]
      .map(([, to]) => join(from, '..', to!).replace(/\/$/, ''))
      .filter((to) => !named.has(to));
    expect(gone).toEqual([]);
  });
});
