import type { Route } from '@spalo/contract';

interface Asked {
  limit?: number | undefined;
  after?: string | undefined;
}

const idOf = (item: unknown): string => String((item as { id?: unknown }).id ?? '');

/** Where the page after `after` begins: behind the same thing, also where the list has changed before it. */
function startOf(items: readonly unknown[], after: string): number {
  const [place, ...rest] = after.split('.');
  const at = Math.max(0, Number(place) || 0);
  const id = rest.join('.');
  if (id === '' || (at > 0 && at <= items.length && idOf(items[at - 1]) === id)) return at;
  const found = items.findIndex((item) => idOf(item) === id);
  return found < 0 ? at : found + 1;
}

/** The page of an answer's list that was asked for, and `next` for the one after it; the answer itself without a limit. */
export function pageOf(route: Route, query: unknown, answer: object): object {
  const { limit, after } = (query ?? {}) as Asked;
  if (route.list === undefined || limit === undefined) return answer;
  const items = (answer as Record<string, unknown[]>)[route.list]!;
  const start = after === undefined ? 0 : startOf(items, after);
  const page = items.slice(start, start + limit);
  const end = start + page.length;
  const next = end < items.length ? `${end}.${idOf(page.at(-1))}` : null;
  return { ...answer, [route.list]: page, next };
}
