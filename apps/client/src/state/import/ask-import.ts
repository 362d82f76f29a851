import type { Reading } from '@spalo/coaching/import';
import type { ImportFacts } from '@spalo/contract';
import type { OwnLift, Unit } from '@spalo/core';
import type { FileView, Meant } from './read-file';

interface Here {
  unit: Unit;
  /** The last day that can have been. */
  today: string;
  own: readonly OwnLift[];
}

/** What the worker that reads a file is asked: to open one, to read it otherwise, or for what is to be brought in. */
export type ImportAsk = { text?: string } & (
  { reading: Reading | null; here: Here } | { meant: Meant }
);
export type ImportSays = { id: number } & ({ answer: unknown } | { error: string });

/** A file that is open in a worker of its own, until it is closed. */
export class FileInWorker {
  private readonly worker = new Worker(new URL('./import.worker', import.meta.url));
  private lastId = 0;

  constructor(private readonly here: Here) {}

  private ask<T>(ask: ImportAsk): Promise<T> {
    this.lastId += 1;
    const id = this.lastId;
    return new Promise((resolve, reject) => {
      const hear = ({ data }: MessageEvent<ImportSays>) => {
        if (data.id !== id) return;
        this.worker.removeEventListener('message', hear);
        if ('error' in data) reject(new Error(data.error));
        else resolve(data.answer as T);
      };
      this.worker.addEventListener('message', hear);
      this.worker.onerror = () => reject(new Error('The file cannot be read'));
      this.worker.postMessage({ id, ask });
    });
  }

  open(text: string, reading: Reading | null): Promise<FileView> {
    return this.ask({ text, reading, here: this.here });
  }

  read(reading: Reading): Promise<FileView> {
    return this.ask({ reading, here: this.here });
  }

  facts(meant: Meant): Promise<ImportFacts> {
    return this.ask({ meant });
  }

  close(): void {
    this.worker.terminate();
  }
}
