import { buildFor, solveBy, type BuiltFor, type BuildWish } from '@spalo/coaching/builder';
import type { Solve } from '@spalo/core/builder';
import type { TimeTaken } from '@spalo/core/memory';
import { expose } from 'comlink';
import loadHighs from 'highs';
import { profileOfClient } from '../strength';
import { workFor, type OfStudio } from '../worker/of-studio';
import type { Visit } from '../worker/tasks/draft';
import { steadyRoom } from '../worker/tasks/steady-room';

/** Where the build puts the solver. */
const SOLVER = '/solver/highs.wasm';

/** A session to build: who, where, and what the trainer wants of it. */
export interface BuilderAsk {
  visit: Visit;
  wish: BuildWish;
  studio: OfStudio;
  /** How long the sessions of the trainer's other clients took, one list a client. */
  others: readonly (readonly TimeTaken[])[];
}

let solver: Promise<Solve> | null = null;

/** The solver, loaded once; tried again where that failed. */
function theSolver(): Promise<Solve> {
  solver ??= loadHighs({ locateFile: () => SOLVER }).then(solveBy);
  solver.catch(() => {
    solver = null;
  });
  return solver;
}

/** Sessions are built here, beside the screen's thread. */
const work = {
  async build({ visit, wish, studio, others }: BuilderAsk): Promise<BuiltFor> {
    const solve = await theSolver();
    workFor(studio);
    const { client, room, unit, now, hour, taste, ratios } = visit;
    const profile = profileOfClient(client, ratios);
    const training = { client, profile, room: steadyRoom(room), unit, now, others };
    return buildFor(training, wish, { hour, taste }, solve);
  },
};

export type BuilderWork = typeof work;
expose(work);
