import type { FilmAsk, FilmSays } from './ask-film';
import { followBar, lookAt, snapAt } from './read-film';

const say = (says: FilmSays) => self.postMessage(says);

/** Films are taken apart here, picture by picture, beside the screen's thread. */
self.onmessage = async ({ data }: MessageEvent<FilmAsk & { id: number }>) => {
  const { id } = data;
  try {
    if (data.name === 'look') say({ id, answer: await lookAt(data.blob) });
    else if (data.name === 'snap') say({ id, answer: await snapAt(data.blob, data.ask) });
    else {
      const answer = await followBar(data.blob, data.ask, (seconds) => say({ id, seconds }));
      say({ id, answer });
    }
  } catch (error) {
    say({ id, error: error instanceof Error ? error.message : 'The film cannot be read' });
  }
};
