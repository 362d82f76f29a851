import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { routes } from '@spalo/contract';
import { FETCHED, fetchedToday } from './upgrade-fetched';

const device = JSON.parse(
  gunzipSync(
    readFileSync(path.resolve(__dirname, '../../../../../fixtures/version-1/device.json.gz')),
  ).toString(),
) as { indexedDb: Record<string, [string, string][]> };
type Kept = Parameters<typeof fetchedToday>[0];
const first = JSON.parse(device.indexedDb['spalo-fetched/queries']![0]![1]) as Kept;
const clientsOf = ({ clientState }: Kept) =>
  clientState.queries.find(({ queryKey }) => queryKey[0] === 'clients')!.state.data as {
    id: string;
    name: string;
    history: { plans: object };
  }[];

const pastOf = ({ clientState }: Kept, id: string) =>
  clientState.queries.find(({ queryKey }) => queryKey[0] === 'past' && queryKey[1] === id)!.state
    .data as { history: { lifts: object } };

describe('what a device of the first version had fetched', () => {
  it('becomes clients as this version reads them, with every lift they had', () => {
    const today = fetchedToday(first);
    expect(today.buster).toBe(FETCHED);
    const [before, after] = [clientsOf(first), clientsOf(today)];
    expect(after.map(({ name }) => name)).toEqual(before.map(({ name }) => name));
    expect(routes.clients.answer.safeParse({ clients: after, erased: [] }).error).toBeUndefined();
    for (const { id, history } of before) {
      const past = pastOf(today, id);
      const whole = { ...after.find((each) => each.id === id), ...past };
      expect(routes.client.answer.safeParse(whole).error).toBeUndefined();
      expect(Object.keys(past.history.lifts)).toEqual(
        expect.arrayContaining(Object.keys(history.plans)),
      );
    }
  });

  it('keeps the belief of the version before', () => {
    const [client] = clientsOf(first);
    const listed = { ...clientsOf(fetchedToday(first))[0]!, measurements: [] };
    const belief = { version: 4 };
    const history = { ...pastOf(fetchedToday(first), client!.id).history, belief };
    const fourth = {
      ...first,
      buster: '4',
      clientState: {
        ...first.clientState,
        queries: [{ queryKey: ['clients'], state: { data: [{ ...listed, history }] } }],
      },
    };
    expect(pastOf(fetchedToday(fourth), client!.id).history).toEqual(history);
  });

  it('leaves out the sessions of the version before, which held no films, and keeps the rest as it is', () => {
    const clients = { queryKey: ['clients'], state: { data: [{ id: 'a' }] } };
    const sessions = { queryKey: ['sessions', 'a'], state: { data: [{ id: 's', lifts: [{}] }] } };
    const fifth = { ...first, buster: '5', clientState: { queries: [clients, sessions] } };
    expect(fetchedToday(fifth).clientState.queries).toEqual([clients]);
  });

  it('is left alone where it is of this version or of one that nobody knows', () => {
    const today = fetchedToday(first);
    expect(fetchedToday(today)).toBe(today);
    const unknown = { ...first, buster: '99' };
    expect(fetchedToday(unknown)).toBe(unknown);
  });
});
