import { teachHere, teachingOf } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core';
import { doTask, type Task } from './tasks';

/** What is too much for the screen's thread runs here. */
self.onmessage = ({ data }: MessageEvent<{ id: number; task: Task } | { own: OwnLift[] }>) => {
  if ('own' in data) {
    teachHere(teachingOf(data.own));
    return;
  }
  try {
    self.postMessage({ id: data.id, answer: doTask(data.task) });
  } catch (error) {
    self.postMessage({ id: data.id, error: error instanceof Error ? error.message : 'It failed' });
  }
};
