import { checkpointToday } from '@spalo/catalog';
import type { Watched } from '@spalo/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What the floor remembers on this device besides the log: where the trainer is looking. */
interface FloorUi {
  chosen: string | null;
  liftOf: Record<string, string>;
  /** What was seen of sets that are not logged yet. */
  watched: Record<string, Watched>;
  /** Checkpoints ticked, by session and lift. */
  ticked: Record<string, string[]>;
  choose: (sessionId: string) => void;
  openLift: (sessionId: string, liftId: string | null) => void;
  watch: (key: string, change: Watched) => void;
  forgetWatched: (key: string) => void;
  tick: (key: string, checkpointId: string) => void;
}

const without = <T>(record: Record<string, T>, key: string) => {
  const { [key]: _gone, ...rest } = record;
  return rest;
};

/** What the first version kept: the same, with what was seen under another name. */
type First = Omit<FloorUi, 'watched'> & { drafts: FloorUi['watched'] };

export const useFloorUi = create<FloorUi>()(
  persist(
    (set) => ({
      chosen: null,
      liftOf: {},
      watched: {},
      ticked: {},
      choose: (chosen) => set({ chosen }),
      openLift: (sessionId, liftId) =>
        set(({ liftOf }) => ({
          liftOf: liftId === null ? without(liftOf, sessionId) : { ...liftOf, [sessionId]: liftId },
        })),
      watch: (key, change) =>
        set(({ watched }) => ({ watched: { ...watched, [key]: { ...watched[key], ...change } } })),
      forgetWatched: (key) => set(({ watched }) => ({ watched: without(watched, key) })),
      tick: (key, id) =>
        set(({ ticked }) => {
          const before = ticked[key] ?? [];
          const after = before.includes(id)
            ? before.filter((each) => each !== id)
            : [...before, id];
          return { ticked: { ...ticked, [key]: after } };
        }),
    }),
    {
      name: 'spalo-floor',
      version: 1,
      migrate: (kept) => {
        const { drafts, ...rest } = kept as First;
        return { ...rest, watched: drafts };
      },
    },
  ),
);

/** Where it is kept what was seen of a set: by session, lift and step. */
export const watchedKey = (sessionId: string, liftId: string, step: number) =>
  `${sessionId}/${liftId}/${step}`;
const tickKey = (sessionId: string, liftId: string) => `${sessionId}/${liftId}`;

const nothing: Watched = {};

/** The set that is being watched, and a way to change what is seen of it. */
export function useWatched(sessionId: string, liftId: string, step: number) {
  const key = watchedKey(sessionId, liftId, step);
  const watched = useFloorUi((state) => state.watched[key]) ?? nothing;
  const watch = useFloorUi((state) => state.watch);
  return { watched, change: (part: Watched) => watch(key, part) };
}

const noTicks: string[] = [];

/** The checkpoints ticked in a lift of a session, by the ids that they have today, and a way to tick another. */
export function useTicks(sessionId: string, liftId: string, styleId: string) {
  const key = tickKey(sessionId, liftId);
  const kept = useFloorUi((state) => state.ticked[key]) ?? noTicks;
  const tick = useFloorUi((state) => state.tick);
  return {
    ticked: kept.map((id) => checkpointToday(liftId, styleId, id)),
    tick: (checkpointId: string) => tick(key, checkpointId),
  };
}
