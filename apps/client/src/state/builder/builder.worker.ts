import { teachHere, teachingOf } from '@spalo/catalog';
import { buildFor, solveBy, type BuiltFor } from '@spalo/coaching/builder';
import { setStudioZone } from '@spalo/core';
import type { Solve } from '@spalo/core/builder';
import { expose } from 'comlink';
import loadHighs from 'highs';
import { profileOfClient } from '../strength';
import { steadyRoom } from '../worker/tasks/steady-room';
import type { BuilderAsk } from './ask-builder';

/** Where the build puts the solver. */
const SOLVER = '/solver/highs.wasm';

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
  async build({ visit, wish, studio }: BuilderAsk): Promise<BuiltFor> {
    const solve = await theSolver();
    teachHere(teachingOf(studio.own));
    setStudioZone(studio.zone);
    const { client, room, unit, now, hour, taste, ratios } = visit;
    const profile = profileOfClient(client, ratios);
    const training = { client, profile, room: steadyRoom(room), unit, now };
    return buildFor(training, wish, { hour, taste }, solve);
  },
};

export type BuilderWork = typeof work;
expose(work);
