import { timeTaken, type TimeTaken } from '@spalo/core/memory';
import { paceOf, sessionDuration } from '@spalo/core/time';
import { seededRandom, temperKinds, type TemperKind } from '@spalo/simulator';
import { randomVisit } from '../builder/random-visit.test-help';
import { clockedVisit } from './clocked-visit.test-help';

const CLIENTS = 24;
const SESSIONS = 7;

/** Minutes by which the rule, the pace learnt and whoever knew the client's temper are off, of the sixth session on. */
function offs(kind: TemperKind) {
  const random = seededRandom(90_017);
  const off = { rule: [] as number[], learnt: [] as number[], known: [] as number[] };
  for (let seed = 7000; seed < 7000 + CLIENTS; seed += 1) {
    const visit = clockedVisit(randomVisit('trained', seed), kind, random);
    if (!visit) continue;
    const { general, room } = visit;
    const lifts = visit.lifts.map(({ climb: _, ...plan }) => plan);
    const own: TimeTaken[] = [];
    for (let nth = 0; nth < SESSIONS; nth += 1) {
      const clocked = () => visit.clocked(lifts, nth);
      const { state, seconds } = clocked();
      if (nth >= 5) {
        const minutesOff = (told: number) => Math.abs(told - seconds) / 60;
        const again = Array.from({ length: 10 }, () => clocked().seconds);
        off.rule.push(minutesOff(sessionDuration(lifts, general, room).totalS));
        off.learnt.push(minutesOff(sessionDuration(lifts, general, room, paceOf(own)).totalS));
        off.known.push(minutesOff(again.reduce((sum, each) => sum + each, 0) / again.length));
      }
      const took = timeTaken(state);
      if (took) own.push(took);
    }
  }
  return off;
}

const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

test.each(temperKinds)(
  'after five sessions the minutes of a %s client are told nearly as well as by whoever knew them',
  (kind) => {
    const { rule, learnt, known } = offs(kind);
    expect(median(learnt)).toBeLessThan(median(known) + 1);
    if (kind !== 'brisk') expect(median(learnt)).toBeLessThan(median(rule) / 3);
  },
);
