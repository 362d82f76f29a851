import { allLifts, findLift } from '@spalo/catalog';
import {
  buildSession,
  coverOfWeek,
  setsIn,
  setsOfMuscle,
  type BuildAsk,
  type Candidate,
  type Solve,
} from '@spalo/core/builder';
import { muscles } from '@spalo/core/lift';
import { plainTaste } from '@spalo/core/warm-up';
import loadHighs from 'highs';
import { coverById } from './build-ask';
import { buildFor } from './build-for';
import { solveBy } from './highs-solver';
import { randomVisit } from './random-visit.test-help';

let solve: Solve;
beforeAll(async () => {
  solve = solveBy(await loadHighs());
});

const HIGH = 8;
const liked = (liftId: string): Candidate => ({
  lift: findLift(liftId)!,
  seconds: [300, 400],
  isNew: false,
  merits: ['liked'],
});

/** A week that has had `sets` of a lift, and an hour and a half for whatever it still has room for. */
function askAfter(liftId: string, sets: number, change: Partial<BuildAsk> = {}): BuildAsk {
  return {
    candidates: allLifts().map(({ id }) => liked(id)),
    shut: [],
    seconds: 5400,
    mostNew: 4,
    setChoice: [2, 3],
    week: coverOfWeek([{ lift: findLift(liftId)!, sets }]),
    sessionsLeft: 1,
    weeklySets: { low: 4, high: HIGH },
    focus: [],
    fixed: [],
    banned: [],
    steadyFirst: false,
    ...change,
  };
}

const squat = 'back-squat';

describe('the most of a week', () => {
  it('is not passed for any muscle, and what is missing says which is full', () => {
    const ask = askAfter(squat, HIGH);
    const built = buildSession(ask, solve, coverById);
    if ('lacks' in built) throw new Error(JSON.stringify(built.lacks));
    const done = built.session.lifts.map(({ liftId, sets }) => ({
      lift: findLift(liftId)!,
      sets,
    }));
    expect(done.length).toBeGreaterThan(2);
    for (const muscle of muscles) {
      const here = setsIn(coverOfWeek(done), muscle);
      if (here > 0) expect(here + setsIn(ask.week, muscle)).toBeLessThanOrEqual(HIGH);
    }
    const lower = built.session.lifts.filter(({ liftId }) =>
      findLift(liftId)!.muscles.main.includes('quads'),
    );
    expect(lower).toEqual([]);
  });

  it('gives way to what the trainer keeps, by that much and no more', () => {
    const fixed = [{ liftId: squat, sets: 3 }];
    const built = buildSession(askAfter(squat, HIGH, { fixed }), solve, coverById);
    if ('lacks' in built) throw new Error(JSON.stringify(built.lacks));
    const quads = built.session.lifts.filter(
      ({ liftId }) => setsOfMuscle(findLift(liftId)!, 'quads') > 0,
    );
    expect(quads).toEqual([expect.objectContaining({ liftId: squat, sets: 3 })]);
  });

  it('is not said of what is left out by hand', () => {
    const ask = askAfter(squat, HIGH, { candidates: [liked(squat)], banned: [squat] });
    expect(buildSession(ask, solve, coverById)).toEqual({ lacks: [{ limit: 'week', full: [] }] });
  });

  it('is said where nothing else is left, and where it leaves time free', () => {
    const none = buildSession(
      askAfter(squat, HIGH, { candidates: [liked(squat)] }),
      solve,
      coverById,
    );
    expect(none).toEqual({ lacks: [{ limit: 'week', full: ['quads'] }] });

    const two = [liked(squat), liked('bench-press')];
    const built = buildSession(askAfter(squat, HIGH, { candidates: two }), solve, coverById);
    if ('lacks' in built) throw new Error(JSON.stringify(built.lacks));
    expect(built.session.lifts.map(({ liftId }) => liftId)).toEqual(['bench-press']);
    expect(built.session.idle).toEqual({ seconds: expect.any(Number), by: 'week' });
  });
});

describe('a session that is asked anew with five minutes more', () => {
  it('stays as it stood, but for what the minutes bring', () => {
    const when = { hour: 10, taste: plainTaste };
    const shares = [300, 301, 302, 303, 304, 305].map((seed) => {
      const { training, wish } = randomVisit('trained', seed);
      const first = buildFor(training, wish, when, solve);
      if ('lacks' in first) throw new Error(JSON.stringify(first.lacks));
      const stood = first.session.lifts.map(({ liftId }) => liftId);
      const longer = { ...wish, minutes: wish.minutes + 5, stood };
      const second = buildFor(training, longer, when, solve);
      if ('lacks' in second) throw new Error(JSON.stringify(second.lacks));
      const still = new Set(second.session.lifts.map(({ liftId }) => liftId));
      return stood.filter((liftId) => still.has(liftId)).length / stood.length;
    });
    expect(shares.reduce((sum, each) => sum + each, 0) / shares.length).toBeGreaterThan(0.8);
  });
});
