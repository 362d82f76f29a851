import { useEffect, useState } from 'react';
import type { Again } from '../../design/NotWorkedOut';
import { inWorker } from './ask';
import type { TaskAnswer, TaskInput, TaskName } from './tasks';

/** A task as it stands. */
export interface Asked<T> {
  /** Null while the first one is worked out, or when there is nothing to do. */
  answer: T | null;
  again: Again;
}

/**
 * A task's answer from the worker. The last answer stays while a newer one is worked out, and goes where that fails.
 * `input` must be steady between renders.
 */
export function useTask<K extends TaskName>(
  name: K,
  input: TaskInput<K> | null,
): Asked<TaskAnswer<K>> {
  const [found, setFound] = useState<{ answer: TaskAnswer<K> | null; failed: boolean }>({
    answer: null,
    failed: false,
  });
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (!input) return undefined;
    let stale = false;
    inWorker(name, input).then(
      (answer) => !stale && setFound({ answer, failed: false }),
      () => !stale && setFound({ answer: null, failed: true }),
    );
    return () => {
      stale = true;
    };
  }, [name, input, tries]);
  return {
    answer: input ? found.answer : null,
    again: input && found.failed ? () => setTries(tries + 1) : null,
  };
}
