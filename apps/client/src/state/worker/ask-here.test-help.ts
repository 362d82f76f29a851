import type { TaskAnswer, TaskInput, TaskName } from './tasks';
import { doTask } from './tasks';

/** Stands in for the worker in tests, where there are none: tasks are done where they are asked for. */
export const inWorker = async <K extends TaskName>(
  name: K,
  input: TaskInput<K>,
): Promise<TaskAnswer<K>> => doTask({ name, input });

export const tellWorker = (): void => undefined;
