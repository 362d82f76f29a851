import type { EventPayloads } from '@spalo/core/session';
import type { Unit } from '@spalo/core/unit';
import { useEffect } from 'react';
import { create } from 'zustand';
import { TAKE_BACK_MS } from '../../state/changes/take-back';
import { entryWords, type StoredEntry } from '../words/entry-words';
import { elapsedMs } from '../../state/elapsed';

/** What was stored last in a session, and what takes it back. */
export interface Undoable {
  says: string;
  undo: EventPayloads['entries.withdrawn'];
  atMs: number;
}

const useUndo = create<{ latest: Readonly<Record<string, Undoable>> }>(() => ({
  latest: {},
}));

/** What takes back what an action stored; what it took back itself is put back. */
function undoOf(stored: readonly StoredEntry[]): EventPayloads['entries.withdrawn'] {
  const [first] = stored;
  return first?.type === 'entries.withdrawn'
    ? { ...first.payload, withdrawn: !first.payload.withdrawn }
    : { eventIds: stored.map(({ id }) => id), withdrawn: true };
}

const offer = (sessionId: string, says: string, undo: Undoable['undo']): void =>
  useUndo.setState(({ latest }) => ({
    latest: { ...latest, [sessionId]: { says, undo, atMs: elapsedMs() } },
  }));

/** Offers to take back what one action has stored in a session. */
export function offerUndo(sessionId: string, stored: readonly StoredEntry[], unit: Unit): void {
  const [first] = stored;
  if (first) offer(sessionId, entryWords(first, unit), undoOf(stored));
}

/** Says that a set was logged by another thumb just now, and offers to take that back. */
export const offerUndoOf = (sessionId: string, setId: string, says: string): void =>
  offer(sessionId, says, { eventIds: [setId], withdrawn: true });

const drop = (sessionId: string, gone: Undoable) =>
  useUndo.setState(({ latest }) => {
    if (latest[sessionId] !== gone) return {};
    const { [sessionId]: _gone, ...rest } = latest;
    return { latest: rest };
  });

/** What can be taken back in a session just now; undefined once its time is over. */
export function useUndoable(sessionId: string): Undoable | undefined {
  const undoable = useUndo(({ latest }) => latest[sessionId]);
  useEffect(() => {
    if (!undoable) return undefined;
    const left = undoable.atMs + TAKE_BACK_MS - elapsedMs();
    const timer = setTimeout(() => drop(sessionId, undoable), Math.max(0, left));
    return () => clearTimeout(timer);
  }, [sessionId, undoable]);
  return undoable;
}
