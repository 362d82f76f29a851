import type { BuiltFor, BuildWish } from '@spalo/coaching/builder';
import type { OfStudio } from '../worker/ask';
import { AskedWorker } from '../worker/asked-worker';
import type { Visit } from '../worker/tasks/draft';
import type { BuilderWork } from './builder.worker';

/** A session to build: who, where, and what the trainer wants of it. */
export interface BuilderAsk {
  visit: Visit;
  wish: BuildWish;
  studio: OfStudio;
}

/** The builder's worker: it holds a solver, so it starts with the first session that is built and stays. */
const worker = new AskedWorker<BuilderWork>(
  () => new Worker(new URL('./builder.worker', import.meta.url)),
);

/** Builds a session in a worker of its own. Rejects where the solver cannot be loaded or stops. */
export const buildInWorker = (ask: BuilderAsk) =>
  worker.ask<BuiltFor>(async (api) => api.build(ask));
