import type { Reading } from '@spalo/coaching/import';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How a file was read when it was brought in, and what its names meant. */
export interface RememberedFile {
  reading: Reading;
  liftOf: Record<string, string | null>;
}

const MOST = 20;

interface Remembered {
  files: Record<string, RememberedFile>;
  remember: (heading: string, file: RememberedFile) => void;
  forget: () => void;
}

/** Files that were brought in on this device, by their headings: the next of the same kind is read alike. */
export const useRemembered = create<Remembered>()(
  persist(
    (set) => ({
      files: {},
      remember: (heading, file) =>
        set(({ files }) => {
          const { [heading]: _before, ...others } = files;
          return {
            files: Object.fromEntries([...Object.entries(others), [heading, file]].slice(-MOST)),
          };
        }),
      forget: () => set({ files: {} }),
    }),
    { name: 'spalo-read-files' },
  ),
);
