import { trendsOf } from '../insight/trends';
import { NOW, kg, lifts, person, row, squat } from '../test/fixtures';
import { explainEstimate } from './explain';
import type { PastSet } from './past-set';
import { readStrength } from './profile';
import { replay } from './replay';

const sets: PastSet[] = [28, 21, 14, 7].flatMap((days) =>
  [squat.id, row.id].map((liftId, index) => ({
    id: `${days}/${liftId}`,
    liftId,
    sessionId: `s${days}`,
    at: new Date(Date.parse(NOW) - days * 86_400_000 + index * 60_000).toISOString(),
    loadG: liftId === squat.id ? kg(80) : kg(34),
    reps: 10,
    cleanReps: 10,
    rir: 2,
    bearing: 'counts' as const,
  })),
);
const asked = { liftId: squat.id, reps: 10, rir: 2 };

describe('an estimate that is opened', () => {
  it('ends where the profile stands, and what moved it adds up', () => {
    const told = { liftId: squat.id, loadG: kg(95), reps: 8, monthsAgo: 1, sure: 'sure' as const };
    const who = { ...person, reports: [told] };
    const {
      prior,
      told: heard,
      now,
      own,
      related,
      time,
    } = explainEstimate(who, lifts, sets, NOW, asked);
    const profile = readStrength(who, replay(who, lifts, sets, NOW), lifts, NOW);
    expect(Math.exp(now.mu) / profile.loadFor(squat, 10, 2).mean).toBeCloseTo(1, 2);
    expect(heard.mu).not.toBe(prior.mu);
    expect(now.sd).toBeLessThan(heard.sd);
    const effects =
      own.reduce((sum, each) => sum + each.effect, 0) +
      related.reduce((sum, each) => sum + each.effect, 0);
    expect(heard.mu + effects + time).toBeCloseTo(now.mu, 6);
  });

  it('names its own sets one by one, and other lifts with what they did in all', () => {
    const { own, related } = explainEstimate(person, lifts, sets, NOW, asked);
    expect(own.map((each) => each.set.id)).toEqual(
      ['28', '21', '14', '7'].map((d) => `${d}/${squat.id}`),
    );
    expect(related).toEqual([{ liftId: row.id, sets: 4, effect: expect.any(Number) }]);
    expect(related[0]!.effect).not.toBe(0);
  });

  it('says which set was too far off to be believed', () => {
    const wrong = { ...sets.at(-2)!, id: 'typo', loadG: kg(800) };
    const { own } = explainEstimate(person, lifts, [...sets, wrong], NOW, asked);
    expect(own.at(-1)).toMatchObject({ how: 'not', effect: 0 });
  });

  it('is the prior alone before any set', () => {
    const { prior, now, own, related, time } = explainEstimate(person, lifts, [], NOW, asked);
    expect(now).toEqual(prior);
    expect([own, related, time]).toEqual([[], [], 0]);
  });
});

describe('trends', () => {
  it('have a point for each session of a lift, each surer than the first', () => {
    const trends = trendsOf(person, lifts, sets, NOW);
    expect(Object.keys(trends).sort()).toEqual([squat.id, row.id].sort());
    expect(trends[squat.id]).toHaveLength(4);
    expect(trends[squat.id]!.at(-1)!.load.sd).toBeLessThan(trends[squat.id]![0]!.load.sd);
    expect(trendsOf(person, lifts, [], NOW)).toEqual({});
  });
});
