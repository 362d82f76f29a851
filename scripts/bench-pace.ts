import {
  randomVisit,
  visitFamilies,
} from '../packages/coaching/src/builder/random-visit.test-help';
import { clockedVisit } from '../packages/coaching/src/practice/clocked-visit.test-help';
import { timeTaken, type TimeTaken } from '../packages/core/src/memory/index';
import { byTheRule, paceOf, sessionDuration } from '../packages/core/src/planning/time/index';
import { seededRandom, temperKinds } from '../packages/simulator/src/index';

/**
 * How near the minutes that are told come to those of a made-up clock, session by session, by the rule and at the pace learnt:
 * of clients of three tempers, each alone and beside others of their trainer. FROM=… the first seed (below 1000 were looked at
 * while it was made), CLIENTS=… how many a family.
 */
const FROM = Number(process.env.FROM ?? 5000);
const CLIENTS = Number(process.env.CLIENTS ?? 10);
const SESSIONS = 8;
const print = (text: string) => process.stdout.write(`${text}\n`);
const at = (values: readonly number[], share: number) => {
  const sorted = [...values].sort((a, b) => a - b);
  return (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0).toFixed(1);
};

const random = seededRandom(FROM);

for (const kind of temperKinds) {
  const errors = Array.from({ length: SESSIONS }, () => ({
    rule: [] as number[],
    alone: [] as number[],
    beside: [] as number[],
    lean: [] as number[],
    known: [] as number[],
  }));
  const others: TimeTaken[][] = [];
  for (const family of visitFamilies)
    for (let seed = FROM; seed < FROM + CLIENTS; seed += 1) {
      const visit = clockedVisit(randomVisit(family, seed), kind, random);
      if (!visit) continue;
      const { lifts, general, room } = visit;
      const own: TimeTaken[] = [];
      for (let nth = 0; nth < SESSIONS; nth += 1) {
        // A load is found on the first day; later ones have no climb.
        const planned = nth === 0 ? lifts : lifts.map(({ climb: _found, ...plan }) => plan);
        const clocked = () => visit.clocked(planned, nth);
        const { state, seconds } = clocked();
        const off = (pace: Parameters<typeof sessionDuration>[3]) =>
          (sessionDuration(planned, general, room, pace).totalS - seconds) / 60;
        // Whoever knew all that chance leaves to know.
        const usual = Array.from({ length: 12 }, () => clocked().seconds);
        const mean = usual.reduce((sum, each) => sum + each, 0) / usual.length;
        errors[nth]!.known.push(Math.abs(mean - seconds) / 60);
        const [rule, alone, beside] = [
          off(byTheRule),
          off(paceOf(own)),
          off(paceOf(own, others.slice(0, 8))),
        ];
        errors[nth]!.rule.push(Math.abs(rule));
        errors[nth]!.alone.push(Math.abs(alone));
        errors[nth]!.beside.push(Math.abs(beside));
        errors[nth]!.lean.push(beside);
        const took = timeTaken(state);
        if (took) own.push(took);
      }
      others.push(own);
    }
  print(`${kind}: minutes off, median and 90 % (${errors[0]!.rule.length} clients)`);
  errors.forEach(({ rule, alone, beside, lean, known }, nth) =>
    print(
      `  session ${nth + 1}: rule ${at(rule, 0.5)} ${at(rule, 0.9)}   own pace ${at(alone, 0.5)} ${at(alone, 0.9)}   with the trainer's others ${at(beside, 0.5)} ${at(beside, 0.9)}, leaning ${at(lean, 0.5)}   whoever knew ${at(known, 0.5)} ${at(known, 0.9)}`,
    ),
  );
}
