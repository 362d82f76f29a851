import type { Remote } from 'comlink';
import { AskedWorker } from './asked-worker';
import type { OfStudio } from './of-studio';
import type { SpaloWork } from './spalo.worker';
import type { TaskAnswer, TaskInput, TaskName } from './tasks';

let studio: OfStudio = { own: [], zone: 'UTC' };

const learn = (api: Remote<SpaloWork>) => void api.workFor(studio);
const worker = new AskedWorker<SpaloWork>(
  () => new Worker(new URL('./spalo.worker', import.meta.url)),
  learn,
);

/** Tells the worker whose studio it works for. */
export function tellWorker(told: OfStudio): void {
  studio = told;
  worker.tell(learn);
}

/** Does a task in the worker. Rejects where the task throws. */
export const inWorker = <K extends TaskName>(
  name: K,
  input: TaskInput<K>,
): Promise<TaskAnswer<K>> =>
  // What crosses to a worker forgets which task it is of: `doTask` gives the answer of its own.
  worker.ask(({ doTask }) => doTask({ name, input }) as Promise<TaskAnswer<K>>);
