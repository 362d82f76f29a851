import { walkOfAnybody } from '../packages/coaching/src/practice/anybody.test-help';

/** Whether anything that is planned or proposed could hurt, over random people, rooms, logs and orders. SESSIONS=… plays more. */
const SESSIONS = Number(process.env.SESSIONS ?? 20_000);
const SEED = Number(process.env.SEED ?? 0);

let [sessions, trained] = [0, 0];
const found: string[] = [];
for (let seed = SEED; sessions < SESSIONS; seed += 1) {
  const walk = walkOfAnybody(seed);
  sessions += walk.sessions;
  trained += walk.trained;
  found.push(...walk.found);
}
const print = (text: string) => process.stdout.write(`${text}\n`);
print(
  `\n${sessions} sessions, ${trained} of them with something to train: ${found.length} could hurt`,
);
for (const what of found.slice(0, 40)) print(`- ${what}`);
