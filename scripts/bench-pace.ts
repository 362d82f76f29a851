import { draftInputFor } from '../packages/coaching/src/planning/draft-input';
import { generalInputFor, generalMinutes } from '../packages/coaching/src/planning/general-input';
import {
  randomVisit,
  visitFamilies,
} from '../packages/coaching/src/builder/random-visit.test-help';
import { buildOf } from '../packages/core/src/floor/index';
import { timeTaken, type TimeTaken } from '../packages/core/src/memory/index';
import { draftSession } from '../packages/core/src/planning/index';
import { byTheRule, paceOf, sessionDuration } from '../packages/core/src/planning/time/index';
import { buildGeneral, plainTaste } from '../packages/core/src/warm-up/index';
import {
  clockedSession,
  seededRandom,
  setUpsOf,
  temperKinds,
  temperOf,
} from '../packages/simulator/src/index';

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
const DAY_MS = 86_400_000;

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
      const { training, wish, hour } = randomVisit(family, seed);
      const { client, room, now } = training;
      const { lifts } = draftSession(draftInputFor(training));
      if (lifts.length === 0) continue;
      const minutes = generalMinutes(wish.minutes, client, now);
      const ids = lifts.map(({ liftId }) => liftId);
      const general = buildGeneral(
        generalInputFor(client, ids, { now, hour }, { minutes, taste: plainTaste }),
      ).steps;
      const temper = temperOf(kind, random);
      const setUps = setUpsOf(ids, random);
      const own: TimeTaken[] = [];
      for (let nth = 0; nth < SESSIONS; nth += 1) {
        // A load is found on the first day; later ones have no climb.
        const planned = nth === 0 ? lifts : lifts.map(({ climb: _found, ...plan }) => plan);
        const clocked = () =>
          clockedSession(
            {
              lifts: planned,
              general,
              room,
              buildOf: ({ steps, implement }, step) =>
                buildOf(steps[step] ?? steps.at(-1)!, implement, room, null),
            },
            temper,
            setUps,
            Date.parse(now) + nth * 3 * DAY_MS,
            random,
          );
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
