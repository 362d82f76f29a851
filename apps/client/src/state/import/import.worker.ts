import type { Reading } from '@spalo/coaching/import';
import { expose } from 'comlink';
import { OpenFile, type Here, type Meant } from './read-file';

let file: OpenFile | null = null;

function theFile(): OpenFile {
  if (!file) throw new Error('No file is open');
  return file;
}

/** A file is read here, beside the screen's thread, and stays here while it is looked at. */
const work = {
  open(text: string, reading: Reading | null, here: Here) {
    file = new OpenFile(text);
    return file.read(reading, here);
  },
  read: (reading: Reading, here: Here) => theFile().read(reading, here),
  facts: (meant: Meant) => theFile().facts(meant),
};

export type ImportWork = typeof work;
expose(work);
