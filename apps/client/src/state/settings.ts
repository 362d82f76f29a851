import { plainTaste, type WarmUpTaste } from '@spalo/core/warm-up';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Hand } from '../design/use-hand';

export type Theme = 'light' | 'dark';

/** Sound and vibration, one of them, or neither. */
export type RestTells = 'both' | 'sound' | 'vibration' | 'neither';

/** What this device remembers for its trainer. */
interface Settings {
  theme: Theme;
  setTheme: (theme: Theme) => void;
  /** Which thumb holds the phone on the floor. */
  hand: Hand;
  setHand: (hand: Hand) => void;
  /** What tells that a rest is over, besides the screen. */
  tells: RestTells;
  setTells: (tells: RestTells) => void;
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
      hand: 'right',
      setHand: (hand) => set({ hand }),
      tells: 'both',
      setTells: (tells) => set({ tells }),
      taste: plainTaste,
      setTaste: (change) => set(({ taste }) => ({ taste: { ...taste, ...change } })),
      putAway: [],
      putPatternAway: (key) =>
        set(({ putAway }) => ({ putAway: [...putAway, key].slice(-MOST_PUT_AWAY) })),
    }),
    { name: 'spalo-settings' },
  ),
);
