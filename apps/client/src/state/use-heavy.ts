import { useEffect, useState } from 'react';
import { inWorker } from './heavy';
import type { HeavyAnswer, HeavyInput, HeavyKind } from './heavy-task';

/**
 * Heavy work's answer from the worker; null while the first one is worked out, or when there is nothing to do. The
 * last answer stays while a newer one is worked out. `input` must be steady between renders.
 */
export function useHeavy<K extends HeavyKind>(
  kind: K,
  input: HeavyInput<K> | null,
): HeavyAnswer<K> | null {
  const [answer, setAnswer] = useState<HeavyAnswer<K> | null>(null);
  useEffect(() => {
    if (!input) return undefined;
    let stale = false;
    inWorker(kind, input).then(
      (found) => {
        if (!stale) setAnswer(found);
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [kind, input]);
  return input ? answer : null;
}
