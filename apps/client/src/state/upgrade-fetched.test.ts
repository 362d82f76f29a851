import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { routes } from '@spalo/contract';
import { FETCHED, fetchedToday } from './upgrade-fetched';

const device = JSON.parse(
  gunzipSync(
    readFileSync(path.resolve(__dirname, '../../../../fixtures/version-1/device.json.gz')),
  ).toString(),
) as { indexedDb: Record<string, [string, string][]> };
type Kept = Parameters<typeof fetchedToday>[0];
const first = JSON.parse(device.indexedDb['spalo-fetched/queries']![0]![1]) as Kept;
const clientsOf = ({ clientState }: Kept) =>
  clientState.queries.find(({ queryKey }) => queryKey[0] === 'clients')!.state.data as {
    name: string;
    history: { plans: object; lifts: object };
  }[];

describe('what a device of the first version had fetched', () => {
  it('becomes clients as this version reads them, with every lift they had', () => {
    const today = fetchedToday(first);
    expect(today.buster).toBe(FETCHED);
    const [before, after] = [clientsOf(first), clientsOf(today)];
    expect(after.map(({ name }) => name)).toEqual(before.map(({ name }) => name));
    expect(routes.clients.answer.safeParse({ clients: after, erased: [] }).error).toBeUndefined();
    after.forEach((each, at) => {
      expect(Object.keys(each.history.lifts)).toEqual(
        expect.arrayContaining(Object.keys(before[at]!.history.plans)),
      );
    });
  });

  it('is left alone where it is of this version or of one that nobody knows', () => {
    const today = fetchedToday(first);
    expect(fetchedToday(today)).toBe(today);
    const unknown = { ...first, buster: '99' };
    expect(fetchedToday(unknown)).toBe(unknown);
  });
});
