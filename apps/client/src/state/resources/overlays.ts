import type { Call, RouteName } from '@spalo/contract';
import type { Change, ChangeRoute } from '../changes/changes';

/** What each change does to the things that were fetched, by id, before the server has it. */
export type Overlays<Item, R extends RouteName> = {
  [K in R]: (items: Map<string, Item>, args: Call<K>) => void;
};

type Overlay<Item> = (items: Map<string, Item>, args: Change['args']) => void;

/** The things that were fetched with what waits laid over them; changes of other things leave them as they are. */
export function laidOver<Item extends { id: string }, R extends ChangeRoute>(
  served: readonly Item[],
  waiting: readonly { change: Change }[],
  overlays: Overlays<Item, R>,
): Map<string, Item> {
  const items = new Map(served.map((item) => [item.id, item]));
  const known = new Map(Object.entries(overlays)) as Map<string, Overlay<Item>>;
  for (const { change } of waiting) known.get(change.route)?.(items, change.args);
  return items;
}

/** The entries that are changes. */
export const changesAmong = <E extends { kind: string }>(
  entries: readonly E[],
): Extract<E, { kind: 'change' }>[] =>
  entries.filter((entry): entry is Extract<E, { kind: 'change' }> => entry.kind === 'change');
