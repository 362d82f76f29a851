import { lastSet, type LoggedSet, type SessionState } from '@spalo/core/session';
import { useEffect, useRef } from 'react';
import { loggedHere } from '../../../parts/lane/actions/set-actions';
import { elapsedMs } from '../../../state/elapsed';

/** A set that comes from another device this shortly before a tap is the set that the tap meant. */
const SAME_SET_MS = 1000;

/**
 * Whether another thumb has just logged what this one is about to: answers its set, which came from another device within
 * the last second, or null.
 */
export function useOtherThumb(session: Pick<SessionState, 'id' | 'lifts'>): () => LoggedSet | null {
  const latest = lastSet(session);
  const id = latest?.id ?? null;
  const seen = useRef({ session: session.id, id, atMs: -SAME_SET_MS });
  useEffect(() => {
    const { session: before, id: known } = seen.current;
    if (before === session.id && known === id) return;
    // What a lane held when it was opened came before.
    seen.current = {
      session: session.id,
      id,
      atMs: before === session.id ? elapsedMs() : -SAME_SET_MS,
    };
  }, [session.id, id]);
  return () =>
    latest && !loggedHere(latest.id) && elapsedMs() - seen.current.atMs < SAME_SET_MS
      ? latest
      : null;
}
