import type { SafetyCopy } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { call } from '../../api/call';

/** The copies of the whole database, the newest first. */
export const useSafetyCopies = () =>
  useQuery({
    queryKey: ['safety-copies'],
    queryFn: async () => (await call('safetyCopies', {})).copies,
  });

/** Until when something that is deleted now may still lie in a copy; null where there is none. */
export function copiesKeepUntil(copies: readonly SafetyCopy[]): string | null {
  const until = copies
    .filter(({ removedAt }) => removedAt === null)
    .map(({ keptUntil }) => keptUntil);
  return until.sort().at(-1) ?? null;
}
