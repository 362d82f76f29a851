import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type Theme = 'light' | 'dark';

/** What this device remembers for its trainer. */
interface Settings {
  theme: Theme;
  setTheme: (theme: Theme) => void;
}

export const useSettings = create<Settings>()(
  persist((set) => ({ theme: 'light', setTheme: (theme) => set({ theme }) }), {
    name: 'spalo-settings',
  }),
);
