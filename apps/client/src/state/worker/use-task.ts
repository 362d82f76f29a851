import { useEffect, useState } from 'react';
import { inWorker } from './ask';
import type { TaskAnswer, TaskInput, TaskName } from './tasks';

/**
 * A task's answer from the worker; null while the first one is worked out, or when there is nothing to do. The
 * last answer stays while a newer one is worked out. `input` must be steady between renders.
 */
export function useTask<K extends TaskName>(
  name: K,
  input: TaskInput<K> | null,
): TaskAnswer<K> | null {
  const [answer, setAnswer] = useState<TaskAnswer<K> | null>(null);
  useEffect(() => {
    if (!input) return undefined;
    let stale = false;
    inWorker(name, input).then(
      (found) => {
        if (!stale) setAnswer(found);
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [name, input]);
  return input ? answer : null;
}
