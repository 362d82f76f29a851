import { benchTasks } from './tasks/bench';
import { blockTasks } from './tasks/block';
import { draftTasks } from './tasks/draft';
import { insightTasks } from './tasks/insight';
import { loaderTasks } from './tasks/loader';
import { rampTasks } from './tasks/ramp';
import { arrangeTasks } from './tasks/arrange';
import { sharedBarTasks } from './tasks/shared-bar';

/** Everything that is too much for the screen's thread, by name. */
const tasks = {
  ...insightTasks,
  ...draftTasks,
  ...blockTasks,
  ...rampTasks,
  ...arrangeTasks,
  ...sharedBarTasks,
  ...loaderTasks,
  ...benchTasks,
};

type Tasks = typeof tasks;
export type TaskName = keyof Tasks;
export type TaskInput<K extends TaskName> = Parameters<Tasks[K]>[0];
export type TaskAnswer<K extends TaskName> = ReturnType<Tasks[K]>;
export interface Task<K extends TaskName = TaskName> {
  name: K;
  input: TaskInput<K>;
}

/** Does a task; the same code wherever it runs. */
export function doTask<K extends TaskName>({ name, input }: Task<K>): TaskAnswer<K> {
  return (tasks[name] as (given: TaskInput<K>) => TaskAnswer<K>)(input);
}
