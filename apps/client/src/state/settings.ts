import { plainTaste, type WarmUpTaste } from '@spalo/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type Theme = 'light' | 'dark';

/** What this device remembers for its trainer. */
interface Settings {
  theme: Theme;
  setTheme: (theme: Theme) => void;
  /** How this trainer likes the general warm-up. */
  taste: WarmUpTaste;
  setTaste: (change: Partial<WarmUpTaste>) => void;
  /** Patterns of marks that were read and put away here, each by its key. */
  putAway: string[];
  putPatternAway: (key: string) => void;
}

const MOST_PUT_AWAY = 400;

export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      theme: 'light',
      setTheme: (theme) => set({ theme }),
      taste: plainTaste,
      setTaste: (change) => set(({ taste }) => ({ taste: { ...taste, ...change } })),
      putAway: [],
      putPatternAway: (key) =>
        set(({ putAway }) => ({ putAway: [...putAway, key].slice(-MOST_PUT_AWAY) })),
    }),
    { name: 'spalo-settings' },
  ),
);
