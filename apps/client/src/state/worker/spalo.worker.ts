import { teachHere, teachingOf } from '@spalo/catalog';
import { setStudioZone } from '@spalo/core';
import type { OfStudio } from './ask';
import { doTask, type Task } from './tasks';

/** What is too much for the screen's thread runs here. */
self.onmessage = ({ data }: MessageEvent<{ id: number; task: Task } | { studio: OfStudio }>) => {
  if ('studio' in data) {
    teachHere(teachingOf(data.studio.own));
    setStudioZone(data.studio.zone);
    return;
  }
  try {
    self.postMessage({ id: data.id, answer: doTask(data.task) });
  } catch (error) {
    self.postMessage({ id: data.id, error: error instanceof Error ? error.message : 'It failed' });
  }
};
