import { repLifts } from '@spalo/catalog';
import { populationTruth, programmeOf, seededRandom, simulateClient, train, usualHabit } from '.';
import { strangePeople } from './strange';

const START_MS = Date.parse('2026-11-24T10:00:00.000Z');

test('a strong small woman of whom nothing is known is not left far too light for weeks', () => {
  const { change } = strangePeople.find(({ name }) => name.includes('strong small'))!;
  const random = seededRandom(11);
  const truth = populationTruth('power', repLifts(), random, usualHabit);
  const now = new Date(START_MS).toISOString();
  const lifts = Array.from({ length: 4 }, () => {
    const client = change(simulateClient(truth, repLifts(), now, random));
    const big = repLifts().filter(({ region, stepG }) => region === 'lower' && stepG >= 2500);
    const programme = programmeOf(big, 2, random);
    const setting = { sessions: 24, stepG: 2500, startMs: START_MS };
    return train(client, repLifts(), programme, 'spalo', setting, random);
  }).flat();
  const ends = lifts.map(({ off }) => Math.exp(off.at(-1)!));
  expect(Math.min(...ends)).toBeGreaterThan(0.7);
  expect(Math.max(...ends)).toBeLessThan(1.15);
  // The sets that fail on the way are few.
  const sets = lifts.flatMap((lift) => lift.sets);
  expect(sets.filter(({ failed }) => failed).length / sets.length).toBeLessThan(0.1);
});
