import type { Mark } from '@spalo/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** The set that is being watched, before it is logged. Missing parts are as planned. */
export interface Draft {
  reps?: number;
  marks?: Mark[];
  rir?: number;
}

/** What the floor remembers on this device besides the log: where the trainer is looking. */
interface FloorUi {
  chosen: string | null;
  liftOf: Record<string, string>;
  drafts: Record<string, Draft>;
  /** Checkpoints ticked, by session and lift. */
  ticked: Record<string, string[]>;
  choose: (sessionId: string) => void;
  openLift: (sessionId: string, liftId: string | null) => void;
  draft: (key: string, change: Draft) => void;
  clearDraft: (key: string) => void;
  tick: (key: string, checkpointId: string) => void;
}

const without = <T>(record: Record<string, T>, key: string) => {
  const { [key]: _gone, ...rest } = record;
  return rest;
};

export const useFloorUi = create<FloorUi>()(
  persist(
    (set) => ({
      chosen: null,
      liftOf: {},
      drafts: {},
      ticked: {},
      choose: (chosen) => set({ chosen }),
      openLift: (sessionId, liftId) =>
        set(({ liftOf }) => ({
          liftOf: liftId === null ? without(liftOf, sessionId) : { ...liftOf, [sessionId]: liftId },
        })),
      draft: (key, change) =>
        set(({ drafts }) => ({ drafts: { ...drafts, [key]: { ...drafts[key], ...change } } })),
      clearDraft: (key) => set(({ drafts }) => ({ drafts: without(drafts, key) })),
      tick: (key, id) =>
        set(({ ticked }) => {
          const before = ticked[key] ?? [];
          const after = before.includes(id)
            ? before.filter((each) => each !== id)
            : [...before, id];
          return { ticked: { ...ticked, [key]: after } };
        }),
    }),
    { name: 'spalo-floor' },
  ),
);

/** Where a draft is kept: a set of a lift in a session. */
export const draftKey = (sessionId: string, liftId: string, step: number) =>
  `${sessionId}/${liftId}/${step}`;
export const tickKey = (sessionId: string, liftId: string) => `${sessionId}/${liftId}`;

const noDraft: Draft = {};

/** The set that is being watched, and a way to change what is seen of it. */
export function useDraft(sessionId: string, liftId: string, step: number) {
  const key = draftKey(sessionId, liftId, step);
  const draft = useFloorUi((state) => state.drafts[key]) ?? noDraft;
  const change = useFloorUi((state) => state.draft);
  return { draft, change: (part: Draft) => change(key, part) };
}
