import type { BuiltFor } from '@spalo/coaching/builder';
import { AskedWorker } from '../worker/asked-worker';
import type { BuilderAsk, BuilderWork } from './builder.worker';

/** The builder's worker: it holds a solver, so it starts with the first session that is built and stays. */
const worker = new AskedWorker<BuilderWork>(
  () => new Worker(new URL('./builder.worker', import.meta.url)),
);

/** Builds a session in a worker of its own. Rejects where the solver cannot be loaded or stops. */
export const buildInWorker = (ask: BuilderAsk) =>
  worker.ask<BuiltFor>(async (api) => api.build(ask));
