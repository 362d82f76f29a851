import type { BuiltFor, BuildWish } from '@spalo/coaching/builder';
import type { OfStudio } from '../worker/ask';
import type { Visit } from '../worker/tasks/draft';

/** A session to build: who, where, and what the trainer wants of it. */
export interface BuilderAsk {
  visit: Visit;
  wish: BuildWish;
  studio: OfStudio;
}

export type BuilderSays = { id: number } & ({ answer: BuiltFor } | { error: string });

interface Waiting {
  take: (answer: BuiltFor) => void;
  fail: (error: Error) => void;
}

let worker: Worker | null = null;
let lastId = 0;
const waiting = new Map<number, Waiting>();

/** The builder's worker: it holds a solver, so it starts with the first session that is built and stays. */
function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./builder.worker', import.meta.url));
  worker.onmessage = ({ data }: MessageEvent<BuilderSays>) => {
    const asker = waiting.get(data.id);
    waiting.delete(data.id);
    if ('error' in data) asker?.fail(new Error(data.error));
    else asker?.take(data.answer);
  };
  worker.onerror = () => {
    for (const { fail } of waiting.values()) fail(new Error('The builder stopped'));
    waiting.clear();
    worker = null;
  };
  return worker;
}

/** Builds a session in a worker of its own. Rejects where the solver cannot be loaded or stops. */
export const buildInWorker = (ask: BuilderAsk): Promise<BuiltFor> =>
  new Promise((take, fail) => {
    lastId += 1;
    waiting.set(lastId, { take, fail });
    theWorker().postMessage({ id: lastId, ask });
  });
