import type { Reading } from '@spalo/coaching/import';
import { expose } from 'comlink';
import { OpenFile, type Here, type Meant } from './read-file';
import { tablesIn } from './tables-in';

let file: OpenFile | null = null;

function theFile(): OpenFile {
  if (!file) throw new Error('No file is open');
  return file;
}

/** A file is read here, beside the screen's thread, and stays here while it is looked at. */
const work = {
  async open(bytes: ArrayBuffer, here: Here) {
    file = new OpenFile(await tablesIn(bytes));
    file.choose(null, here);
    return file.read(null, here);
  },
  sheet(sheet: number, here: Here) {
    theFile().choose(sheet, here);
    return theFile().read(null, here);
  },
  read: (reading: Reading, here: Here) => theFile().read(reading, here),
  facts: (meant: Meant) => theFile().facts(meant),
};

export type ImportWork = typeof work;
expose(work);
