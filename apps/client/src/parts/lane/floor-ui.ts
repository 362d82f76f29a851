import type { Watched } from '@spalo/core/floor';
import { nowMs } from '@spalo/core/unit';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { useShallow } from 'zustand/react/shallow';

/** A set that is being watched: of which session, and since when (ms). */
export interface Eye {
  sessionId: string;
  key: string;
  sinceMs: number;
}

/** Where the trainer's eye is, and when each session was last watched. */
export type Looking = Pick<FloorUi, 'eye' | 'seen'>;

/** What the floor remembers on this device besides the log: where the trainer is looking. */
interface FloorUi {
  chosen: string | null;
  liftOf: Record<string, string>;
  /** What was seen of sets that are not logged yet. */
  watched: Record<string, Watched>;
  /** Notes that are being written, by session: a sheet that closes loses none. */
  notes: Record<string, string>;
  /** The set that the trainer is looking at; null while it is none. */
  eye: Eye | null;
  /** When the trainer last watched a set of a session to its end (ms). */
  seen: Record<string, number>;
  choose: (sessionId: string) => void;
  lookAt: (sessionId: string, key: string) => void;
  /** The eye leaves a session; `watched`: its set was logged. */
  lookAway: (sessionId: string, watched: boolean) => void;
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

/** Sessions of another day are over, and need not be remembered. */
const FORGOTTEN_MS = 24 * 3_600_000;

/** When each session was last watched, with one that was now. */
function seenNow(seen: FloorUi['seen'], sessionId: string): FloorUi['seen'] {
  const now = nowMs();
  const kept = Object.entries(seen).filter(([, at]) => now - at < FORGOTTEN_MS);
  return { ...Object.fromEntries(kept), [sessionId]: now };
}

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
      eye: null,
      seen: {},
      choose: (chosen) => set({ chosen }),
      lookAt: (sessionId, key) =>
        set(({ eye }) => (eye?.key === key ? {} : { eye: { sessionId, key, sinceMs: nowMs() } })),
      lookAway: (sessionId, watched) =>
        set(({ eye, seen }) =>
          eye?.sessionId !== sessionId
            ? {}
            : { eye: null, ...(watched && { seen: seenNow(seen, sessionId) }) },
        ),
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
      forgetAll: () =>
        set({ chosen: null, liftOf: {}, watched: {}, notes: {}, eye: null, seen: {} }),
    }),
    {
      name: 'spalo-floor',
      version: 2,
      // Nobody looks at anything while the page is away.
      partialize: ({ eye: _eye, ...kept }) => kept,
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
  const lookAt = useFloorUi((state) => state.lookAt);
  return {
    watched,
    change: (part: Watched) => {
      watch(key, part);
      // What is seen of a set tells where the eye is, also where all of a lane is on the screen.
      lookAt(sessionId, key);
    },
  };
}

/** Where the trainer's eye is, and when each session was last watched. */
export const useLooking = (): Looking => useFloorUi(useShallow(({ eye, seen }) => ({ eye, seen })));
