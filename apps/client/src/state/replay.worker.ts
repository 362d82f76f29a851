import { doReplay, type ReplayTask } from './replay-task';

/** Replays run here, off the screen's thread. */
self.onmessage = ({ data }: MessageEvent<{ id: number; task: ReplayTask }>) => {
  self.postMessage({ id: data.id, answer: doReplay(data.task) });
};
