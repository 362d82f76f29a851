import { lastSet, type LoggedSet, nowMs, type SessionState } from '@spalo/core';
import { useEffect, useRef } from 'react';
import { loggedHere } from '../../../parts/lane/actions/set-actions';

/** A set that comes from another device this shortly before a tap is the set that the tap meant. */
const SAME_SET_MS = 1000;

/**
 * Whether another thumb has just logged what this one is about to: answers its set, which came from another device within
 * the last second, or null.
 */
export function useOtherThumb(session: Pick<SessionState, 'id' | 'lifts'>): () => LoggedSet | null {
  const latest = lastSet(session);
  const id = latest?.id ?? null;
  const seen = useRef({ session: session.id, id, atMs: 0 });
  useEffect(() => {
    const { session: before, id: known } = seen.current;
    if (before === session.id && known === id) return;
    // What a lane held when it was opened came before.
    seen.current = { session: session.id, id, atMs: before === session.id ? nowMs() : 0 };
  }, [session.id, id]);
  return () =>
    latest && !loggedHere(latest.id) && nowMs() - seen.current.atMs < SAME_SET_MS ? latest : null;
}
