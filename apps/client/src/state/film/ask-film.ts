import { proxy, type Remote } from 'comlink';
import { AskedWorker } from '../worker/asked-worker';
import type { FilmWork } from './film.worker';
import type { FollowAsk } from './read-film';

/** One worker a question: it holds a whole film, and goes when it has answered. */
function ask<T>(question: (film: Remote<FilmWork>) => Promise<T>): Promise<T> {
  const worker = new AskedWorker<FilmWork>(
    () => new Worker(new URL('./film.worker', import.meta.url)),
  );
  return worker.ask(question).finally(() => worker.stop());
}

export const lookAtFilm = (blob: Blob) => ask((film) => film.lookAt(blob));
export const snapInFilm = (blob: Blob, asked: FollowAsk) => ask((film) => film.snapAt(blob, asked));

/** `onTime` hears how far it is (s). */
export const followInFilm = (blob: Blob, asked: FollowAsk, onTime: (seconds: number) => void) =>
  ask((film) => film.followBar(blob, asked, proxy(onTime)));
