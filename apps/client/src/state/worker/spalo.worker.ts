import { expose } from 'comlink';
import { workFor } from './of-studio';
import { doTask } from './tasks';

/** What is too much for the screen's thread runs here. */
const work = { workFor, doTask };

export type SpaloWork = typeof work;
expose(work);
