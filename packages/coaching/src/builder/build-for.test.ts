import { findLift } from '@spalo/catalog';
import { canBeDone } from '@spalo/core/loads';
import { memoryOf } from '@spalo/core/memory';
import { isClosed, liftLimit } from '@spalo/core/person';
import { plainTaste } from '@spalo/core/warm-up';
import type { Solve } from '@spalo/core/builder';
import loadHighs from 'highs';
import { buildFor } from './build-for';
import { solveBy } from './highs-solver';
import { randomVisit, visitFamilies } from './random-visit.test-help';

let solve: Solve;
beforeAll(async () => {
  solve = solveBy(await loadHighs());
});

const when = { hour: 10, taste: plainTaste };
/** The first of five seeds a family; those of the bench are others. */
const FROM = 300;
const seeds = [0, 1, 2, 3, 4].map((each) => FROM + each);

describe.each(visitFamilies)('a session built for: %s', (family) => {
  it.each(seeds)('closes nothing open, keeps the time and every limit (seed %d)', (seed) => {
    const { training, wish } = randomVisit(family, seed);
    const { client, room, now } = training;
    const built = buildFor(training, wish, when, solve);
    if ('lacks' in built) throw new Error(JSON.stringify(built.lacks));
    const { lifts } = built.session;
    expect(lifts.length).toBeGreaterThan(0);
    expect(built.takes.totalS).toBeLessThanOrEqual(wish.minutes * 60);
    for (const { liftId, reasons } of lifts) {
      const lift = findLift(liftId)!;
      expect(canBeDone(lift, room, client.bodyMassG)).toBe(true);
      // A plan that was accepted stands with the flags that were open then.
      if (memoryOf(client.history, liftId).plan === null)
        expect(isClosed(liftLimit(client, lift, now))).toBe(false);
      expect(wish.banned).not.toContain(liftId);
      expect(reasons.length).toBeGreaterThan(0);
    }
    const mostNew = client.nervous ? 2 : client.trainingMonths < 6 ? 3 : 4;
    expect(lifts.filter(({ isNew }) => isNew).length).toBeLessThanOrEqual(mostNew);
  });
});

describe('what the trainer set', () => {
  const { training, wish } = randomVisit('first year', 320);
  const build = (change: Partial<typeof wish>) =>
    buildFor(training, { ...wish, banned: [], ...change }, when, solve);

  it('stays, with its sets and at its place, and the rest follows', () => {
    const first = build({});
    if ('lacks' in first) throw new Error('nothing built');
    const [out, ...others] = first.session.lifts;
    const [other] = out!.instead;
    const fixed = [{ liftId: other!.liftId, sets: 2, place: 1 }];
    const second = build({ fixed, banned: [out!.liftId] });
    if ('lacks' in second) throw new Error('nothing built');
    const { lifts } = second.session;
    expect(lifts[1]).toMatchObject({ liftId: other!.liftId, sets: 2 });
    expect(lifts.some(({ liftId }) => liftId === out!.liftId)).toBe(false);
    const kept = others.filter((each) => lifts.some(({ liftId }) => liftId === each.liftId));
    expect(kept.length).toBeGreaterThan(0);
  });

  it('is answered with what to loosen where it cannot be', () => {
    const first = build({});
    if ('lacks' in first) throw new Error('nothing built');
    const fixed = first.session.lifts.slice(0, 3).map(({ liftId }) => ({ liftId, sets: 3 }));
    expect(build({ fixed, minutes: 20 })).toEqual({
      lacks: [{ limit: 'time', seconds: expect.any(Number) }],
    });
  });
});
