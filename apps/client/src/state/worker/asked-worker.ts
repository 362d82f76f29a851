import { wrap, type Remote } from 'comlink';

/**
 * A worker, asked by what it exposes. It starts with the first question; one that dies fails whoever waits, and the
 * next question starts another, to which `greet` is said first.
 */
export class AskedWorker<Api> {
  private worker: Worker | null = null;
  private api: Remote<Api> | null = null;
  private readonly waiting = new Set<(error: Error) => void>();

  constructor(
    private readonly start: () => Worker,
    private readonly greet: (api: Remote<Api>) => void = () => undefined,
  ) {}

  private running(): Remote<Api> {
    if (this.api) return this.api;
    const worker = this.start();
    worker.onerror = ({ message }) => {
      for (const fail of this.waiting)
        fail(new Error('The computation stopped', { cause: message }));
      this.stop();
    };
    const api = wrap<Api>(worker);
    this.worker = worker;
    this.api = api;
    this.greet(api);
    return api;
  }

  /** Rejects with what the worker throws, or where it dies before it has answered. */
  async ask<T>(question: (api: Remote<Api>) => Promise<T>): Promise<T> {
    const answer = question(this.running());
    return new Promise<T>((resolve, reject) => {
      this.waiting.add(reject);
      answer.then(resolve, reject).finally(() => this.waiting.delete(reject));
    });
  }

  /** Says something to a worker that is running; one that starts later is greeted. */
  tell(said: (api: Remote<Api>) => void): void {
    if (this.api) said(this.api);
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = null;
    this.api = null;
  }
}
