import { repLifts } from '../../catalog/src/studio/lifts';
import { populationTruth, simulateClient } from './population';
import { seededRandom } from './random';
import { policies, programmeOf, train, type LiftOutcome, type Policy } from './training';

const START = Date.parse('2026-11-24T10:00:00.000Z');

/** Eight clients of one population, the same for every policy. */
function outcomes(policy: Policy): LiftOutcome[] {
  const random = seededRandom(31);
  const truth = populationTruth('power', repLifts(), random);
  return Array.from({ length: 8 }, () => {
    const client = simulateClient(truth, repLifts(), new Date(START).toISOString(), random);
    const programme = programmeOf(repLifts(), 3, random);
    const setting = { sessions: 10, stepG: 2500, startMs: START };
    return train(client, repLifts(), programme, policy, setting, random);
  }).flat();
}

const share = (
  list: readonly LiftOutcome[],
  holds: (set: LiftOutcome['sets'][number]) => boolean,
) => {
  const sets = list.flatMap((each) => each.sets);
  return sets.filter(holds).length / sets.length;
};
const onTarget = (list: readonly LiftOutcome[]) =>
  share(list, ({ left, targetRir }) => Math.abs(left - targetRir) <= 1);
const failed = (list: readonly LiftOutcome[]) => share(list, (set) => set.failed);

const trained = new Map(policies.map((policy) => [policy, outcomes(policy)]));

describe('training under a policy', () => {
  it('plans and counts the sets of every session', () => {
    for (const policy of policies) {
      const [first] = trained.get(policy)!;
      expect(first!.off).toHaveLength(10);
      expect(first!.sets.filter(({ session }) => session === 5)).toHaveLength(3);
    }
  });

  it('by what is believed leaves the asked reserve more often than paper, and fails less', () => {
    const [spalo, paper] = [trained.get('spalo')!, trained.get('paper')!];
    expect(onTarget(spalo)).toBeGreaterThan(0.38);
    expect(onTarget(spalo)).toBeGreaterThan(onTarget(paper) + 0.1);
    expect(failed(spalo)).toBeLessThan(failed(paper));
  });
});
