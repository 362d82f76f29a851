import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { eventTypes } from '../events/event';
import { routes } from './routes';

const page = readFileSync(join(__dirname, '../../../../docs/ways-back.md'), 'utf8');

/** The rows of the page's tables: what they are about, and where it is seen, changed and taken back. */
const rows = new Map(
  [...page.matchAll(/^\| `([^`]+)` *\|([^|]*)\|([^|]*)\|([^|]*)\|$/gm)].map(([, name, ...ways]) => [
    name!,
    ways.map((way) => way.trim()),
  ]),
);

const writing = Object.entries(routes)
  .filter(([, { method }]) => method !== 'get')
  .map(([name]) => name);

describe('everything that is stored', () => {
  it.each([...eventTypes, ...writing])('%s is seen, changed and taken back somewhere', (name) => {
    expect(rows.get(name)).toHaveLength(3);
    expect(rows.get(name)).not.toContain('');
  });

  it('is what the tables are about, and nothing else', () => {
    expect([...rows.keys()].sort()).toEqual([...eventTypes, ...writing].sort());
  });
});
