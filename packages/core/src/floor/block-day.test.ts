import fc from 'fast-check';
import { loadables } from '../loads/loadables';
import { isAsPlanned } from '../memory/block-memory';
import { evidenceOf } from '../memory/past-sets';
import { kg, room, squat, unknown } from '../test/fixtures';
import { log, NOW } from '../test/log';
import { proposeNextSet } from './next-set';

const REPS = 8;
const cell = { blockId: 'block', week: 1, day: 0 };

/** A day of a block whose first working set left so many reps, and what comes next. */
function after(rir: number, reps = REPS) {
  const session = log({ plan: { climb: false, targetRir: 2, reps: REPS, cell } });
  session.warmUp();
  const planned = session.lift().steps.find(({ kind }) => kind === 'working')!;
  session.set({ reps, cleanReps: reps, rir });
  const next = proposeNextSet(session.lift(), {
    lift: squat,
    loads: loadables(room, session.lift().plan.implement),
    unit: 'kg',
    flags: [],
    safetyFaults: [],
    strength: unknown().after(evidenceOf(session.state())),
    careful: false,
    since: NOW,
  });
  if (next.kind !== 'step') throw new Error('no set is next');
  return { planned, set: next.set };
}

describe('a day of a block on the floor', () => {
  it('goes on as the block has it after a set that left what was asked', () => {
    const { planned, set } = after(2);
    expect([set.loadG, set.reps]).toEqual([planned.loadG, planned.reps]);
  });

  it('moves the load before the reps, and takes no more load for fewer reps', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 4, max: 14 }), (rir, reps) => {
        const { planned, set } = after(rir, reps);
        if (set.loadG > planned.loadG) expect(set.reps).toBeGreaterThanOrEqual(REPS);
      }),
    );
  });

  it('is done as planned also where more load or more reps were taken', () => {
    const plan = { loadG: kg(60), reps: 8, targetRir: 2 };
    const done = (load: number, cleanReps: number, rir: number) =>
      isAsPlanned({ loadG: kg(load), cleanReps, rir }, plan);
    expect([done(60, 8, 2), done(60, 8, 1), done(60, 10, 0), done(65, 8, 0)]).toEqual(
      Array(4).fill(true),
    );
    expect([done(60, 8, 0), done(60, 7, 3), done(57.5, 8, 3)]).toEqual(Array(3).fill(false));
  });
});
