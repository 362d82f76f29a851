import type { ListedClient } from '@spalo/contract';

/** How the list can be ordered. */
export const orders = [
  { value: 'name', label: 'Name' },
  { value: 'latest', label: 'Latest' },
  { value: 'longest', label: 'Longest away' },
  { value: 'archived', label: 'Archived' },
] as const;
export type Order = (typeof orders)[number]['value'];

/** Clients in an order: by name, latest session first, longest away first, or the archived ones by name. */
export function ordered(clients: readonly ListedClient[], order: Order): ListedClient[] {
  const last = (client: ListedClient) => client.lastSessionAt ?? '';
  const shown = clients.filter((client) => (client.archivedAt !== null) === (order === 'archived'));
  if (order === 'latest') return shown.sort((a, b) => (last(a) > last(b) ? -1 : 1));
  // Who has never come is not away: they stand at the end.
  const away = (client: ListedClient) => last(client) || '9';
  if (order === 'longest') return shown.sort((a, b) => (away(a) < away(b) ? -1 : 1));
  return shown.sort((a, b) => a.name.localeCompare(b.name));
}
