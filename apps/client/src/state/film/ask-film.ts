import type { Circle } from '@spalo/core/film';
import type { FollowAsk, FollowedBar, Looked } from './read-film';

/** What the worker for films is asked. */
export type FilmAsk =
  | { name: 'look'; blob: Blob }
  | { name: 'snap'; blob: Blob; ask: FollowAsk }
  | { name: 'follow'; blob: Blob; ask: FollowAsk };

/** What it says: how far it is, an answer, or why there is none. */
export type FilmSays = { id: number } & (
  { answer: unknown } | { seconds: number } | { error: string }
);

/** One worker a question: it holds a whole film, and goes when it has answered. `onTime` hears how far it is (s). */
function ask<T>(
  question: FilmAsk,
  onTime: (seconds: number) => void = () => undefined,
): Promise<T> {
  const worker = new Worker(new URL('./film.worker', import.meta.url));
  return new Promise<T>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<FilmSays>) => {
      if ('seconds' in data) onTime(data.seconds);
      else if ('error' in data) reject(new Error(data.error));
      else resolve(data.answer as T);
    };
    worker.onerror = () => reject(new Error('The film cannot be read'));
    worker.postMessage({ ...question, id: 1 });
  }).finally(() => worker.terminate());
}

export const lookAtFilm = (blob: Blob) => ask<Looked>({ name: 'look', blob });
export const snapInFilm = (blob: Blob, asked: FollowAsk) =>
  ask<Circle>({ name: 'snap', blob, ask: asked });
export const followInFilm = (blob: Blob, asked: FollowAsk, onTime: (seconds: number) => void) =>
  ask<FollowedBar>({ name: 'follow', blob, ask: asked }, onTime);
