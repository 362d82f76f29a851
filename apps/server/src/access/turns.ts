/** Thrown to whoever would have to wait behind too many. */
export class TooManyWaiting extends Error {}

/**
 * Runs works so many at once, the others waiting in order; throws TooManyWaiting instead of letting more than `waiting`
 * of them wait. Heavy work then takes its turn and no more of the machine.
 */
export function makeTurns(atOnce: number, waiting: number) {
  const queue: (() => void)[] = [];
  let running = 0;
  return async function inTurn<T>(work: () => Promise<T>): Promise<T> {
    if (running >= atOnce) {
      if (queue.length >= waiting) throw new TooManyWaiting();
      await new Promise<void>((resolve) => queue.push(resolve));
    } else {
      running += 1;
    }
    try {
      return await work();
    } finally {
      const next = queue.shift();
      // Whoever comes next takes this turn over.
      if (next) next();
      else running -= 1;
    }
  };
}
