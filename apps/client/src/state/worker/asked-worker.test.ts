/** @jest-environment node */
import { expose, type Remote } from 'comlink';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { AskedWorker } from './asked-worker';

interface Work {
  double(of: number): number;
  refuse(): never;
  sleep(): Promise<never>;
  name(): string;
}

/** A stand-in for the browser's workers: what it is greeted with is its name. */
function workshop() {
  const started: { die: () => void; stopped: boolean }[] = [];
  const start = () => {
    const { port1, port2 } = new MessageChannel();
    let name = '';
    expose(
      {
        double: (of: number) => of * 2,
        refuse: () => {
          throw new Error('Not with these plates');
        },
        sleep: () => new Promise(() => undefined),
        called: (said: string) => {
          name = said;
        },
        name: () => name,
      },
      port1 as unknown as Parameters<typeof expose>[1],
    );
    const worker = Object.assign(port2 as unknown as Worker & MessagePort, {
      terminate: () => {
        mine.stopped = true;
        port1.close();
      },
    });
    const mine = {
      die: () => worker.onerror?.({ message: 'out of memory' } as ErrorEvent),
      stopped: false,
    };
    started.push(mine);
    return worker;
  };
  return { start, started };
}

type Named = Work & { called(said: string): void };
const asked = (greet?: (api: Remote<Named>) => void) => {
  const { start, started } = workshop();
  return { started, worker: new AskedWorker<Named>(start, greet) };
};

test('nothing starts before the first question, and one worker answers all', async () => {
  const { worker, started } = asked();
  expect(started).toHaveLength(0);
  expect(await worker.ask((api) => api.double(21))).toBe(42);
  expect(await worker.ask((api) => api.double(4))).toBe(8);
  expect(started).toHaveLength(1);
  worker.stop();
  expect(started[0]!.stopped).toBe(true);
});

test('what the worker throws comes back with its words', async () => {
  const { worker } = asked();
  await expect(worker.ask((api) => api.refuse())).rejects.toThrow('Not with these plates');
  expect(await worker.ask((api) => api.double(1))).toBe(2);
  worker.stop();
});

test('one that dies fails whoever waits, and the next question starts another, greeted like the first', async () => {
  const { worker, started } = asked((api) => void api.called('Berta'));
  expect(await worker.ask((api) => api.name())).toBe('Berta');
  const waiting = [worker.ask((api) => api.sleep()), worker.ask((api) => api.sleep())];
  started[0]!.die();
  for (const each of waiting) {
    await expect(each).rejects.toThrow('The computation stopped');
    await expect(each).rejects.toHaveProperty('cause', 'out of memory');
  }
  expect(await worker.ask((api) => api.name())).toBe('Berta');
  expect(started).toHaveLength(2);
  worker.stop();
});

test('what is told reaches the worker that runs, and starts none', async () => {
  const { worker, started } = asked();
  worker.tell((api) => void api.called('Anna'));
  expect(started).toHaveLength(0);
  await worker.ask((api) => api.double(1));
  worker.tell((api) => void api.called('Anna'));
  expect(await worker.ask((api) => api.name())).toBe('Anna');
  worker.stop();
});
