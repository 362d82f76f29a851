import type { ReplayAnswers, ReplayTask } from './replay-task';

type Answer = ReplayAnswers[ReplayTask['kind']];

let worker: Worker | null = null;
let lastId = 0;
const waiting = new Map<number, { take: (answer: Answer) => void; fail: (error: Error) => void }>();

function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./replay.worker', import.meta.url));
  worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: Answer }>) => {
    waiting.get(data.id)?.take(data.answer);
    waiting.delete(data.id);
  };
  worker.onerror = () => {
    // A worker that died answers nobody: those who wait are told, and the next task starts another.
    for (const { fail } of waiting.values()) fail(new Error('The replay stopped'));
    waiting.clear();
    worker = null;
  };
  return worker;
}

/** Replays a client's sets in the worker. */
export function replayInWorker<K extends ReplayTask['kind']>(
  task: ReplayTask & { kind: K },
): Promise<ReplayAnswers[K]> {
  return new Promise((resolve, reject) => {
    lastId += 1;
    waiting.set(lastId, { take: resolve as (answer: Answer) => void, fail: reject });
    theWorker().postMessage({ id: lastId, task });
  });
}
