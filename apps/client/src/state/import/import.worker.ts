import type { ImportAsk, ImportSays } from './ask-import';
import { OpenFile } from './read-file';

let file: OpenFile | null = null;

const say = (says: ImportSays) => self.postMessage(says);

/** A file is read here, beside the screen's thread, and stays here while it is looked at. */
self.onmessage = ({ data: { id, ask } }: MessageEvent<{ id: number; ask: ImportAsk }>) => {
  try {
    if (ask.text !== undefined) file = new OpenFile(ask.text);
    if (!file) throw new Error('No file is open');
    say({
      id,
      answer: 'meant' in ask ? file.facts(ask.meant) : file.read(ask.reading, ask.here),
    });
  } catch (error) {
    say({ id, error: error instanceof Error ? error.message : 'It cannot be read' });
  }
};
