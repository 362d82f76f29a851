import { readFileSync } from 'node:fs';
import path from 'node:path';
import {
  countedSets,
  reduceSession,
  sessionEvent,
  type ClipFile,
  type EventPayloads,
  type EventType,
  type Followed,
  type SessionEvent,
} from '@spalo/core/session';

/** A film of the demo: its file, the session of whom it belongs to, and what was found in it. */
export interface DemoFilm {
  id: string;
  clientId: string;
  sessionId: string;
  file: ClipFile;
  bytes: Buffer;
}

interface Kept {
  file: ClipFile;
  followed: Followed;
  reps: number;
}

/** Who is filmed, of which lift, and what was written about the earlier film. */
export const filmed = {
  name: 'Isolde Marchbank',
  liftId: 'back-squat',
  /** Latest session first. */
  clips: ['squat', 'squat-before'],
  review: {
    good: 'Every rep to the same depth, heels quiet.',
    keepOn: 'Elbows under the bar before it leaves the hooks.',
    change: 'Breathe at the top of each rep from the sixth on.',
  },
} as const;

const read = (dir: string, name: string): { kept: Kept; bytes: Buffer } => ({
  kept: JSON.parse(readFileSync(path.join(dir, `${name}.json`), 'utf8')) as Kept,
  bytes: readFileSync(path.join(dir, `${name}.webm`)),
});

/**
 * Films of a client's latest sessions, with the entries that name them: a set of the lift with as many reps as the film
 * shows, its path followed, and a review of the earlier one.
 */
export function demoFilms(
  dir: string,
  sessions: readonly SessionEvent[][],
  clientId: string,
  idAt: (atMs: number) => string,
): { films: DemoFilm[]; events: SessionEvent[] } {
  const films: DemoFilm[] = [];
  const events: SessionEvent[] = [];
  const latest = [...sessions].reverse();
  for (const [at, name] of filmed.clips.entries()) {
    const { kept, bytes } = read(dir, name);
    const log = latest.filter((each) => liftOf(each))[at];
    const state = log && reduceSession(log);
    const lift = log && liftOf(log);
    const sets = lift ? countedSets(lift, 'working') : [];
    const set = sets.find(({ reps }) => reps >= kept.reps) ?? sets[0];
    const last = log?.at(-1);
    if (!state || !set || !last) continue;
    let atMs = Date.parse(last.at);
    const append = <T extends EventType>(type: T, payload: EventPayloads[T]) => {
      atMs += 1000;
      const { streamId, author, device } = last;
      const made = { id: idAt(atMs), streamId, at: new Date(atMs).toISOString(), author, device };
      events.push(sessionEvent(made, type, payload));
    };
    const clipId = idAt(atMs);
    films.push({ id: clipId, clientId, sessionId: state.id, file: kept.file, bytes });
    append('clip.filmed', { clipId, setId: set.id, ...kept.file });
    append('clip.followed', { clipId, ...kept.followed });
    if (at > 0) append('review.written', { liftId: filmed.liftId, ...filmed.review });
  }
  return { films, events };
}

const liftOf = (log: readonly SessionEvent[]) =>
  reduceSession(log)?.lifts.find(
    (lift) => lift.plan.liftId === filmed.liftId && countedSets(lift, 'working').length > 0,
  );
