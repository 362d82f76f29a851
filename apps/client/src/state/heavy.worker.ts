import { doHeavy, type HeavyTask } from './heavy-task';

/** Heavy work runs here, off the screen's thread. */
self.onmessage = ({ data }: MessageEvent<{ id: number; task: HeavyTask }>) => {
  try {
    self.postMessage({ id: data.id, answer: doHeavy(data.task) });
  } catch (error) {
    self.postMessage({ id: data.id, error: error instanceof Error ? error.message : 'It failed' });
  }
};
