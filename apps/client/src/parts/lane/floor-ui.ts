import type { Watched } from '@spalo/core/floor';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What the floor remembers on this device besides the log: where the trainer is looking. */
interface FloorUi {
  chosen: string | null;
  liftOf: Record<string, string>;
  /** What was seen of sets that are not logged yet. */
  watched: Record<string, Watched>;
  /** Notes that are being written, by session: a sheet that closes loses none. */
  notes: Record<string, string>;
  choose: (sessionId: string) => void;
  openLift: (sessionId: string, liftId: string | null) => void;
  watch: (key: string, change: Watched) => void;
  forgetWatched: (key: string) => void;
  writeNote: (sessionId: string, text: string) => void;
  /** Lets go of everything, as when somebody signs out. */
  forgetAll: () => void;
}

const without = <T>(record: Record<string, T>, key: string) => {
  const { [key]: _gone, ...rest } = record;
  return rest;
};

/** What earlier versions kept: the first what was seen under another name, both what was ticked. */
interface Earlier extends FloorUi {
  drafts?: FloorUi['watched'];
  ticked?: unknown;
}

export const useFloorUi = create<FloorUi>()(
  persist(
    (set) => ({
      chosen: null,
      liftOf: {},
      watched: {},
      notes: {},
      choose: (chosen) => set({ chosen }),
      openLift: (sessionId, liftId) =>
        set(({ liftOf }) => ({
          liftOf: liftId === null ? without(liftOf, sessionId) : { ...liftOf, [sessionId]: liftId },
        })),
      watch: (key, change) =>
        set(({ watched }) => ({ watched: { ...watched, [key]: { ...watched[key], ...change } } })),
      forgetWatched: (key) => set(({ watched }) => ({ watched: without(watched, key) })),
      writeNote: (sessionId, text) =>
        set(({ notes }) => ({
          notes: text === '' ? without(notes, sessionId) : { ...notes, [sessionId]: text },
        })),
      forgetAll: () => set({ chosen: null, liftOf: {}, watched: {}, notes: {} }),
    }),
    {
      name: 'spalo-floor',
      version: 2,
      migrate: (kept, version) => {
        // Checkpoints that were ticked are in the session's log now.
        const { drafts, ticked: _ticked, ...rest } = kept as Earlier;
        return version === 0 ? { ...rest, watched: drafts ?? {} } : rest;
      },
    },
  ),
);

/** Where it is kept what was seen of a set: by session, lift and step. */
export const watchedKey = (sessionId: string, liftId: string, step: number) =>
  `${sessionId}/${liftId}/${step}`;

const nothing: Watched = {};

/** The set that is being watched, and a way to change what is seen of it. */
export function useWatched(sessionId: string, liftId: string, step: number) {
  const key = watchedKey(sessionId, liftId, step);
  const watched = useFloorUi((state) => state.watched[key]) ?? nothing;
  const watch = useFloorUi((state) => state.watch);
  return { watched, change: (part: Watched) => watch(key, part) };
}
