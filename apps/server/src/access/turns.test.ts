import fc from 'fast-check';
import { makeTurns, TooManyWaiting } from './turns';

describe('turns', () => {
  it('run so many at once and no more, in order, and refuse whoever would wait too long', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 6 }),
        fc.array(fc.boolean(), { maxLength: 20 }),
        async (atOnce, waiting, fails) => {
          const inTurn = makeTurns(atOnce, waiting);
          let running = 0;
          let most = 0;
          const order: number[] = [];
          const done = await Promise.allSettled(
            fails.map((fail, at) =>
              inTurn(async () => {
                order.push(at);
                running += 1;
                most = Math.max(most, running);
                await new Promise((resolve) => setImmediate(resolve));
                running -= 1;
                if (fail) throw new Error('failed');
                return at;
              }),
            ),
          );
          expect(most).toBeLessThanOrEqual(atOnce);
          expect(order).toEqual([...order].sort((a, b) => a - b));
          done.forEach((each, at) => {
            const room = at < atOnce + waiting;
            expect(order.includes(at)).toBe(room);
            if (!room)
              expect((each as PromiseRejectedResult).reason).toBeInstanceOf(TooManyWaiting);
          });
          // Whatever failed, the turns are free again.
          expect(await inTurn(async () => 'next')).toBe('next');
        },
      ),
      { numRuns: 50 },
    );
  });
});
