import { teachHere, teachingOf } from '@spalo/catalog';
import { buildFor, solveBy } from '@spalo/coaching/builder';
import { setStudioZone } from '@spalo/core';
import type { Solve } from '@spalo/core/builder';
import loadHighs from 'highs';
import { profileOfClient } from '../strength';
import { steadyRoom } from '../worker/tasks/steady-room';
import type { BuilderAsk, BuilderSays } from './ask-builder';

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

const say = (says: BuilderSays) => self.postMessage(says);

/** Sessions are built here, beside the screen's thread. */
self.onmessage = async ({ data }: MessageEvent<{ id: number; ask: BuilderAsk }>) => {
  const { id, ask } = data;
  try {
    const solve = await theSolver();
    teachHere(teachingOf(ask.studio.own));
    setStudioZone(ask.studio.zone);
    const { client, room, unit, now, hour, taste, ratios } = ask.visit;
    const profile = profileOfClient(client, ratios);
    const training = { client, profile, room: steadyRoom(room), unit, now };
    say({ id, answer: buildFor(training, ask.wish, { hour, taste }, solve) });
  } catch (error) {
    say({ id, error: error instanceof Error ? error.message : 'It failed' });
  }
};
