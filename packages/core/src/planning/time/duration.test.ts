import { draftSession } from '../draft';
import { likelySteps, sessionDuration } from './duration';
import { input } from '../../test/log';
import { room } from '../../test/fixtures';

const [first] = draftSession(input).lifts;
const working = (lift: Parameters<typeof likelySteps>[0]) =>
  likelySteps(lift).filter(({ kind }) => kind === 'working').length;

test('a climb to a weight not known yet is timed as the four sets that it takes', () => {
  const climb = { ...first!, climb: true };
  const known = { ...first!, climb: false };
  expect(climb.steps.filter(({ kind }) => kind === 'working')).toHaveLength(3);
  expect(working(climb)).toBe(4);
  expect(working(known)).toBe(3);
  const [longer, shorter] = [climb, known].map(
    (lift) => sessionDuration([lift], [], room).workS,
  ) as [number, number];
  const [set] = climb.steps.filter(({ kind }) => kind === 'working');
  expect(longer - shorter).toBeGreaterThanOrEqual(set!.restS);
  expect(working({ ...climb, steps: [...climb.steps, set!, set!] })).toBe(5);
});
