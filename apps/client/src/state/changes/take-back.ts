import { useEffect } from 'react';
import { create } from 'zustand';
import { journal } from '../device';
import type { Change } from './changes';

/** How long what was stored can be taken back in one tap. */
export const TAKE_BACK_MS = 10_000;

/** What was stored a moment ago, in words, and what takes it back. */
export interface TakeBack {
  says: string;
  back: () => Promise<unknown>;
}

const useLatest = create<{ latest: TakeBack | null }>(() => ({ latest: null }));

/** Offers to take back what was just stored. */
export const offerBack = (latest: TakeBack): void => useLatest.setState({ latest });

/** Nothing is offered any more. */
export const forgetBack = (): void => useLatest.setState({ latest: null });

/** Makes a change and offers the way back from it: the changes that bring what was before. */
export async function changeWithBack(change: Change, says: string, ...before: Change[]) {
  await journal.change(change);
  offerBack({
    says,
    back: async () => {
      for (const each of before) await journal.change(each);
    },
  });
}

/** What can be taken back just now; null once its time is over. */
export function useTakeBack(): TakeBack | null {
  const latest = useLatest((state) => state.latest);
  useEffect(() => {
    if (!latest) return undefined;
    const timer = setTimeout(forgetBack, TAKE_BACK_MS);
    return () => clearTimeout(timer);
  }, [latest]);
  return latest;
}
