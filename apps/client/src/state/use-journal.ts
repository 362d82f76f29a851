import type { BlockState } from '@spalo/core/block';
import type { SessionState } from '@spalo/core/session';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { journal, sync } from './device';
import { refusedEntries, waitingEntries } from './log/entries';
import type { Entry } from './log/journal-store';

/** Whose journal is open and taken in; null while none is. */
export const useJournalHolder = () =>
  useStore(journal.state, (state) => (state.ready ? state.holder : null));

export const useSessions = () => useStore(journal.state, (state) => state.streams.session);

export function useSession(id: string): SessionState | undefined {
  return useStore(journal.state, (state) => state.streams.session.get(id));
}

/** Sessions that are on the floor now, the earliest first. */
export function useOpenSessions(): SessionState[] {
  const sessions = useSessions();
  return useMemo(
    () =>
      [...sessions.values()]
        .filter((session) => session.finishedAt === null)
        .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1)),
    [sessions],
  );
}

/** Sessions that this device knows to be finished. */
export function useFinishedSessions(): SessionState[] {
  return useStore(
    journal.state,
    useShallow((state) =>
      [...state.streams.session.values()].filter((session) => session.finishedAt !== null),
    ),
  );
}

/** Blocks whose logs this device holds. */
export const useHeldBlocks = (): ReadonlyMap<string, BlockState> =>
  useStore(journal.state, (state) => state.streams.block);

/** Changes that wait to be sent. Stays the same list while only events come and go. */
export function useWaitingChanges(): Entry[] {
  return useStore(
    journal.state,
    useShallow((state) => waitingEntries(state).filter((entry) => entry.kind === 'change')),
  );
}

/** What waits to be sent, and what the server refused. */
export function useOutbox() {
  const entries = useStore(journal.state, (state) => state.entries);
  return useMemo(() => {
    const state = journal.state.getState();
    void entries;
    return { waiting: waitingEntries(state), refused: refusedEntries(state) };
  }, [entries]);
}

/** How many sessions and blocks this device holds and cannot make sense of. */
export const useUntold = (): number => useStore(journal.state, ({ untold }) => untold.size);

export const useConnection = () => useStore(sync.state, (state) => state.connection);
