import { doHeavy, type HeavyAnswer, type HeavyInput, type HeavyKind } from './heavy-task';

interface Waiting {
  take: (answer: never) => void;
  fail: (error: Error) => void;
}

let worker: Worker | null = null;
let lastId = 0;
const waiting = new Map<number, Waiting>();

function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./heavy.worker', import.meta.url));
  worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: never; error?: string }>) => {
    const asker = waiting.get(data.id);
    if (data.error === undefined) asker?.take(data.answer);
    else asker?.fail(new Error(data.error));
    waiting.delete(data.id);
  };
  worker.onerror = () => {
    // A worker that died answers nobody: those who wait are told, and the next task starts another.
    for (const { fail } of waiting.values()) fail(new Error('The computation stopped'));
    waiting.clear();
    worker = null;
  };
  return worker;
}

/** Does heavy work in the worker; here where there are none, as in tests. Rejects where the work throws. */
export async function inWorker<K extends HeavyKind>(
  kind: K,
  input: HeavyInput<K>,
): Promise<HeavyAnswer<K>> {
  if (typeof Worker === 'undefined') return doHeavy({ kind, input });
  return new Promise((resolve, reject) => {
    lastId += 1;
    waiting.set(lastId, { take: resolve as Waiting['take'], fail: reject });
    theWorker().postMessage({ id: lastId, task: { kind, input } });
  });
}
