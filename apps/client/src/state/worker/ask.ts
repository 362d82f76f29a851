import type { OwnLift } from '@spalo/core';
import type { TaskAnswer, TaskInput, TaskName } from './tasks';

interface Waiting {
  take: (answer: unknown) => void;
  fail: (error: Error) => void;
}

let worker: Worker | null = null;
let lastId = 0;
const waiting = new Map<number, Waiting>();

/** What the studio teaches of its own, and its zone. */
export interface OfStudio {
  own: readonly OwnLift[];
  zone: string;
}

/** A worker that starts later is told as well. */
let studio: OfStudio = { own: [], zone: 'UTC' };

/** Tells the worker whose studio it works for. */
export function tellWorker(told: OfStudio): void {
  studio = told;
  worker?.postMessage({ studio });
}

function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./spalo.worker', import.meta.url));
  worker.postMessage({ studio });
  worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: unknown; error?: string }>) => {
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

/** Does a task in the worker. Rejects where the task throws. */
export async function inWorker<K extends TaskName>(
  name: K,
  input: TaskInput<K>,
): Promise<TaskAnswer<K>> {
  if (typeof Worker === 'undefined') throw new Error('This browser has no workers');
  return new Promise((resolve, reject) => {
    lastId += 1;
    // The worker answers a task with what `doTask` gives for it.
    waiting.set(lastId, { take: resolve as Waiting['take'], fail: reject });
    theWorker().postMessage({ id: lastId, task: { name, input } });
  });
}
