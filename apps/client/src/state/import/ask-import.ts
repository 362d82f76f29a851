import type { Reading } from '@spalo/coaching/import';
import type { ImportFacts } from '@spalo/contract';
import { AskedWorker } from '../worker/asked-worker';
import type { ImportWork } from './import.worker';
import type { FileView, Here, Meant } from './read-file';

/** A file that is open in a worker of its own, until it is closed. */
export class FileInWorker {
  private readonly worker = new AskedWorker<ImportWork>(
    () => new Worker(new URL('./import.worker', import.meta.url)),
  );

  constructor(private readonly here: Here) {}

  /** Reads a file as it is most likely meant; of a workbook the sheet that holds most. */
  open(bytes: ArrayBuffer): Promise<FileView> {
    return this.worker.ask((file) => file.open(bytes, this.here));
  }

  /** Reads another sheet of it. */
  sheet(sheet: number): Promise<FileView> {
    return this.worker.ask((file) => file.sheet(sheet, this.here));
  }

  read(reading: Reading): Promise<FileView> {
    return this.worker.ask((file) => file.read(reading, this.here));
  }

  facts(meant: Meant): Promise<ImportFacts> {
    return this.worker.ask((file) => file.facts(meant));
  }

  close(): void {
    this.worker.stop();
  }
}
