import type { Clip, LiftState, LoggedSet, SessionState } from '@spalo/core/session';

/** A clip with the set that it shows, its lift and its session. */
export interface FoundClip {
  clip: Clip;
  set: LoggedSet;
  /** Which set of its lift, from 1. */
  place: number;
  lift: LiftState;
  session: SessionState;
}

/** All clips of a session, in the order of its lifts. */
export const clipsOf = (session: SessionState): FoundClip[] =>
  session.lifts.flatMap((lift) =>
    lift.clips.flatMap((clip) => {
      const at = lift.sets.findIndex(({ id }) => id === clip.setId);
      const set = lift.sets[at];
      return set ? [{ clip, set, place: at + 1, lift, session }] : [];
    }),
  );

/** A clip of some sessions; null where none holds it. */
export const findClip = (sessions: readonly SessionState[], clipId: string): FoundClip | null =>
  sessions.flatMap(clipsOf).find(({ clip }) => clip.id === clipId) ?? null;
