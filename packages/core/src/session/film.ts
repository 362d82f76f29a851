import type { FilmSign } from '../film/signs';
import type { Way } from '../film/reps';
import type { PathPoint, View } from '../film/path';

/** Kinds of film that devices make and play. */
export const clipTypes = ['video/mp4', 'video/webm', 'video/quicktime'] as const;
export type ClipType = (typeof clipTypes)[number];

/** Largest file of a clip, bytes: a minute of a phone's usual film. */
export const MOST_CLIP_BYTES = 100_000_000;
/** Longest clip, ms. */
export const MOST_CLIP_MS = 180_000;

/** A film of a set as a file: its kind, its size in bytes, its length in ms, and its pictures' size in pixels. */
export interface ClipFile {
  type: ClipType;
  bytes: number;
  ms: number;
  width: number;
  height: number;
}

/** A path as it is stored: whole milliseconds and millimetres. */
export interface StoredPath {
  t: number[];
  x: number[];
  y: number[];
}

/** The bar of a clip, followed. */
export interface Followed {
  way: Way;
  view: View;
  path: StoredPath;
  /** Spans in which the bar was hidden, ms. */
  hidden: { from: number; to: number }[];
  /** When it was lost for good, ms; null where it was followed to the end. */
  lostMs: number | null;
}

/** What the trainer said to a sign that the film showed: taken as a mark, or dropped. */
export interface SignAnswer {
  sign: FilmSign;
  /** From 1, as marks count. */
  rep: number;
  taken: boolean;
}

/** A film of a set. `id` names its file. */
export interface Clip extends ClipFile {
  id: string;
  setId: string;
  /** The entry that it came with: withdrawn, it is gone. */
  eventId: string;
  at: string;
  followed: Followed | null;
  answers: SignAnswer[];
}

/** A picture kept from a clip, with what was drawn on it. `id` names its file. */
export interface Still {
  id: string;
  clipId: string;
  /** Where in the clip, ms. */
  ms: number;
  text: string;
  bytes: number;
}

/** What was written about a lift while its sets were looked at again. */
export interface Review {
  good: string;
  keepOn: string;
  change: string;
}

/** A path whose points are whole; what lies between two pictures of a slow clip is kept, of a quick one every second. */
export const MOST_POINTS = 3000;
export function storedPath(path: readonly PathPoint[]): StoredPath {
  const every = Math.ceil(path.length / MOST_POINTS);
  const kept = path.filter((_point, at) => at % every === 0);
  return {
    t: kept.map(({ t }) => Math.round(t * 1000)),
    x: kept.map(({ x }) => Math.round(x)),
    y: kept.map(({ y }) => Math.round(y)),
  };
}

/** A stored path as it is computed with. */
export const pathPoints = ({ t, x, y }: StoredPath): PathPoint[] =>
  t.map((ms, at) => ({ t: ms / 1000, x: x[at] ?? 0, y: y[at] ?? 0 }));
