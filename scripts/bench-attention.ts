import { seededRandom, simulateFloor, type FloorPolicy } from '../packages/simulator/src/index';

/** Sets worth watching that can be watched, with the plan and by whoever is ready first. SEED=… takes other hours. */
const SEED = Number(process.env.SEED ?? 808_808);
const HOURS = Number(process.env.HOURS ?? 200);
const percent = (share: number) => `${(share * 100).toFixed(1)} %`.padStart(7);
const print = (text: string) => process.stdout.write(`${text}\n`);

print(`Attention, ${HOURS} hours each: of the sets worth watching, watched from beginning to end`);
for (const clients of [2, 3, 4]) {
  const of = (policy: FloorPolicy) =>
    simulateFloor({ clients, hours: HOURS, policy }, seededRandom(SEED + clients));
  const [plan, first] = [of('attention'), of('first ready')];
  print(
    `  ${clients} clients: ${percent(plan.seen / plan.worth)} with the plan, ${percent(first.seen / first.worth)} without; longest wait ${plan.longestWaitS.toFixed(0)} s, ${(plan.waitedS / plan.sets).toFixed(1)} s a set; longest unseen ${(plan.longestUnseenS / 60).toFixed(0)} min, above 20 min ${percent(plan.unseen)} (${percent(first.unseen)} without)`,
  );
}
