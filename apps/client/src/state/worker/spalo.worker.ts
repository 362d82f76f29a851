import { teachHere, teachingOf } from '@spalo/catalog';
import { setStudioZone } from '@spalo/core';
import { expose } from 'comlink';
import type { OfStudio } from './ask';
import { doTask } from './tasks';

/** What is too much for the screen's thread runs here. */
const work = {
  learn({ own, zone }: OfStudio): void {
    teachHere(teachingOf(own));
    setStudioZone(zone);
  },
  doTask,
};

export type SpaloWork = typeof work;
expose(work);
