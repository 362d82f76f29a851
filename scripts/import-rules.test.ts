import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const root = join(__dirname, '..');
const load = createRequire(__filename);
const orders: { root: string; folders: string[] }[] = load('../.dependency-cruiser.orders.cjs');
const { forbidden }: { forbidden: { name: string }[] } = load('../.dependency-cruiser.cjs');

describe.each(orders)('the order of $root', ({ root: place, folders }) => {
  it('names each of its folders once, and none that is gone', () => {
    const there = readdirSync(join(root, place), { withFileTypes: true })
      .filter((entry) => entry.isDirectory() && entry.name !== 'test')
      .map(({ name }) => name);
    expect([...folders].sort()).toEqual(there.sort());
  });
});

/** A file that breaks a rule, and what it imports. */
type Planted = readonly [from: string, to: string];

/** One violation of each rule, by its name. */
const planted = new Map<string, Planted>([
  ...['core', 'catalog', 'simulator', 'coaching', 'contract'].map((name): [string, Planted] => [
    `packages-${name}-imports`,
    [`packages/${name}/src/a/a.ts`, 'packages/other/src/index.ts'],
  ]),
  ['apps-server-imports', ['apps/server/src/db/a.ts', 'packages/core/src/unit/mass.ts']],
  ['apps-client-imports', ['apps/client/src/parts/a.ts', 'packages/simulator/src/index.ts']],
  ...orders.flatMap(({ root: place, folders }) =>
    folders
      .slice(0, -1)
      .map((folder, at): [string, Planted] => [
        `${place.replaceAll('/', '-')}-${folder}-imports-downward`,
        [`${place}/${folder}/low.ts`, `${place}/${folders[at + 1]}/high.ts`],
      ]),
  ),
  [
    'features-never-import-features',
    ['apps/client/src/features/day/b.ts', 'apps/client/src/features/week/b.ts'],
  ],
  ['nothing-but-the-index-at-the-root', ['e2e/a.ts', 'packages/core/src/loose.ts']],
  ['core-has-no-interface-and-no-io', ['packages/core/src/unit/io.ts', 'node:fs']],
  [
    'only-the-server-simulates',
    ['packages/coaching/src/client/s.ts', 'packages/simulator/src/index.ts'],
  ],
  ['no-circles', ['e2e/round-again.ts', 'e2e/round.ts']],
  ['no-tests-in-product', ['apps/server/src/app/c.ts', 'apps/server/src/app/c.test.ts']],
]);

describe('the rules of imports', () => {
  it('have a violation planted here each', () => {
    expect([...planted.keys()].sort()).toEqual(forbidden.map(({ name }) => name).sort());
  });

  it('find what is planted', () => {
    const folder = mkdtempSync(join(tmpdir(), 'spalo-rules-'));
    const imports = new Map<string, Set<string>>();
    const plant = (from: string, to: string) =>
      imports.set(from, (imports.get(from) ?? new Set()).add(to));
    for (const [from, to] of planted.values()) {
      plant(from, to);
      if (!to.startsWith('node:') && !imports.has(to)) imports.set(to, new Set());
    }
    plant('e2e/round.ts', 'e2e/round-again.ts');
    for (const [from, tos] of imports) {
      const up = from.split('/').slice(1).fill('..').join('/');
      const path = join(folder, from);
      mkdirSync(dirname(path), { recursive: true });
      const lines = [...tos].map((to) =>
        to.startsWith('node:') ? `import '${to}';` : `import '${up}/${to.replace(/\.ts$/, '')}';`,
      );
      writeFileSync(path, `${lines.join('\n')}\nexport {};\n`);
    }
    writeFileSync(join(folder, 'tsconfig.base.json'), '{}');
    try {
      const config = join(root, '.dependency-cruiser.cjs');
      const cruiser = join(root, 'node_modules/.bin/depcruise');
      const args = ['--config', config, '--output-type', 'json', 'packages', 'apps', 'e2e'];
      let said = '';
      try {
        said = execFileSync(cruiser, args, { cwd: folder, encoding: 'utf8' });
      } catch (error) {
        // It ends with the number of violations.
        said = (error as { stdout: string }).stdout;
      }
      const { violations } = (JSON.parse(said) as { summary: { violations: Violation[] } }).summary;
      const found = new Set(violations.map(({ from, rule }) => `${rule.name}: ${from}`));
      const expected = [...planted].map(([name, [from]]) => `${name}: ${from}`);
      expect(expected.filter((each) => !found.has(each))).toEqual([]);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });
});

interface Violation {
  from: string;
  rule: { name: string };
}
