import { v7 } from 'uuid';
import { chance as chanceOf, type Chance } from './chance';
import type { Device } from './device';
import { differences } from './differences';
import { judged, projections } from './judge';
import type { Weather } from './network';
import type { Stack } from './stack';
import { clientCalled, makeStudio, type Studio } from './studio';
import { work } from './trainer';

const STUDIOS = 6;
const ROUND = 500;
/** Things done between two exchanges with the server. */
const PIECES = 60;

/** A client is deleted for good while their sessions are being written and sent. */
async function erase(studio: Studio, chance: Chance): Promise<void> {
  if (studio.clients.length < 3) return;
  const gone = studio.clients.splice(chance.below(studio.clients.length), 1)[0]!;
  studio.erased.push(gone);
  // Devices go on with what they have open of them until they hear of it.
  for (;;) {
    try {
      await studio.devices[0]!.network.call('eraseClient', { params: { id: gone } });
      break;
    } catch (error) {
      // Twice sent, it was gone the second time.
      if (error instanceof Error && error.message === 'No such client') break;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  studio.open = studio.open.filter(({ clientId }) => clientId !== gone || chance.happens(0.5));
  const id = v7();
  await studio.devices[0]!.network.call('putClient', {
    params: { id },
    body: clientCalled('Somebody new'),
  })
    .then(() => studio.clients.push(id))
    .catch(() => undefined);
}

/** A lift of the studio's own comes, or changes, on which everybody's belief rests as well. */
async function teach(studio: Studio): Promise<void> {
  studio.taught += 1;
  const body = {
    liftId: 'own-heels',
    added: { name: `Goblet squat, heels up ${studio.taught}`, like: 'goblet-squat' },
    ...{ styles: [], checkpoints: [], cues: [], hidden: [] },
  };
  // Lost on the way, it comes another time.
  await studio.devices[0]!.network.call('putOwnLift', {
    params: { id: studio.ownLiftId },
    body,
  }).catch(() => undefined);
}

async function fault(stack: Stack, studios: Studio[], chance: Chance): Promise<void> {
  const dice = chance.below(9);
  if (dice === 0) stack.killServer();
  else if (dice === 1) await stack.killDatabase();
  else if (dice < 4) await stack.cutConnections();
  else if (dice < 6) chance.one(chance.one(studios).devices).jumpClock();
  else if (dice === 6) await erase(chance.one(studios), chance);
  else if (dice === 7) await teach(chance.one(studios));
  else await chance.one(chance.one(studios).devices).start();
}

/** One that cannot send all in so many tries has something that waits for ever, which is for the judge to say. */
async function throughAtLast(stack: Stack, device: Device): Promise<void> {
  for (let tries = 0; tries < 50 && !(await device.exchange()); tries += 1) await stack.ready();
}

/** Lets every device send until nothing waits, then fetch all that there is: what one has sent last, the others fetch after it. */
async function calm(stack: Stack, studio: Studio, weather: Weather): Promise<void> {
  weather.bad = false;
  await stack.ready();
  for (const device of studio.devices) await device.network.settle();
  for (const device of studio.devices) await throughAtLast(stack, device);
  for (const device of studio.devices) {
    await device.journal.forgetClients((await device.network.call('clients', {})).erased);
    await throughAtLast(stack, device);
  }
}

/**
 * Rounds of work under faults until so many events were acknowledged; then everything is let come to rest, and compared.
 * Answers what is wrong, in words; nothing where all is well.
 */
export async function runFaults(
  stack: Stack,
  rebuild: () => Promise<void>,
  { events, seed }: { events: number; seed: number },
): Promise<{ report: string; wrong: string[] }> {
  const chance = chanceOf(seed);
  const weather: Weather = { bad: false };
  stack.start();
  await stack.ready();
  const studios: Studio[] = [];
  for (let at = 0; at < STUDIOS; at += 1) {
    studios.push(await makeStudio(stack, chance, weather, at));
  }
  const acknowledged = () =>
    studios
      .flatMap(({ devices }) => devices)
      .reduce((sum, device) => sum + device.acknowledged.size, 0);
  weather.bad = true;
  let next = ROUND;
  while (acknowledged() < events) {
    for (let each = 0; each < PIECES; each += 1) await work(chance.one(studios), chance);
    const exchanges = studios.flatMap(({ devices }) =>
      devices.filter(() => chance.happens(0.7)).map((device) => device.exchange()),
    );
    // Faults strike while devices send.
    if (chance.happens(0.4)) await fault(stack, studios, chance);
    await Promise.all(exchanges);
    if (acknowledged() >= next) {
      next += ROUND;
      await stack.ready();
    }
  }
  const wrong: string[] = [];
  let kept = 0;
  for (const studio of studios) {
    await calm(stack, studio, weather);
    const found = await judged(stack, studio);
    kept += found.events;
    wrong.push(...found.wrong);
    // Open sessions are told when they are asked for.
    for (const { id } of await stack.sql<{ id: string }>(
      'SELECT id FROM sessions WHERE studio_id = $1',
      [studio.id],
    )) {
      await studio.devices[0]!.network.call('session', { params: { id } });
    }
    // So are histories that rest on something which has changed since.
    for (const id of studio.clients) {
      await studio.devices[0]!.network.call('client', { params: { id } });
    }
  }
  const lived = await projections(stack);
  await rebuild();
  const rebuilt = await projections(stack);
  for (const [table, rows] of Object.entries(lived)) {
    wrong.push(...differences(`${table}, lived through and rebuilt`, rows, rebuilt[table]));
  }
  await stack.stop();
  const devices = studios.flatMap((studio) => studio.devices);
  const total = (of: (device: Device) => number) =>
    devices.reduce((sum, device) => sum + of(device), 0);
  const report =
    `seed ${seed}: ${acknowledged()} events acknowledged, ${kept} in the logs, ` +
    `${studios.reduce((sum, { erased }) => sum + erased.length, 0)} clients erased; ` +
    `server killed ${stack.struck.server}, database ${stack.struck.database}, connections cut ${stack.struck.connections}; ` +
    `requests lost ${total(({ network }) => network.counts.lost)}, answers lost ${total(({ network }) => network.counts.answersLost)}, ` +
    `sent twice ${total(({ network }) => network.counts.twice)}, late ${total(({ network }) => network.counts.late)}; ` +
    `devices cut off ${total(({ counts }) => counts.cutOff)}, clocks jumped ${total(({ counts }) => counts.clockJumps)}`;
  return { report, wrong };
}
