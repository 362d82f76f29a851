import { readFileSync } from 'node:fs';
import { v7 } from 'uuid';

/** Everybody at once: so many trainers, each with a client on the floor and a set every few seconds. */
const TRAINERS = 50;
const EVERY_MS = 5000;
/** Between two fetches of a device, as the app has it. */
const GAP_MS = 1000;
/** A minute in `npm run bench`; MINUTES=60 for an hour. */
const MINUTES = Number(process.env.MINUTES ?? 1);
/** A session holds 3,000 entries; an hour of sets is 720. */
const IDLE_SETS = 60;

const quantile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.ceil(values.length * share) - 1];
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** What the server's process holds in memory, MB. */
const residentMb = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

/** A device that follows the studio as the app does: told of news by the stream, it fetches them, one fetch at a time. */
function follow(address, cookie, api, counted) {
  const ended = new AbortController();
  let cursor = null;
  let heard = 0;
  let fetched = 0;
  let fetching = false;
  const pull = async () => {
    if (fetching) return;
    fetching = true;
    try {
      while (fetched < heard && !ended.signal.aborted) {
        fetched = heard;
        const page = await api(cookie, 'GET', `/events?after=${cursor}`);
        cursor = page.cursor;
        counted.pulls += 1;
        await wait(GAP_MS);
      }
    } finally {
      fetching = false;
    }
  };
  const listen = async () => {
    cursor = (await api(cookie, 'GET', '/events/live')).cursor;
    const stream = await fetch(`${address}/api/v1/stream`, {
      headers: { cookie, 'X-Spalo': '1' },
      signal: ended.signal,
    });
    const told = new TextDecoder();
    for await (const part of stream.body) {
      if (!told.decode(part, { stream: true }).includes('"kind":"log"')) continue;
      heard += 1;
      pull().catch((error) => counted.failed.push(error));
    }
  };
  listen().catch((error) => {
    if (!ended.signal.aborted) counted.failed.push(error);
  });
  return () => ended.abort();
}

/**
 * How long a set takes to be acknowledged while fifty trainers log one every 5 s and follow each other, beside one trainer
 * alone; and what the server holds in memory, minute by minute.
 */
export async function benchTrainers({ api, signIn, address, pid }) {
  const cookies = [];
  for (let at = 0; at < TRAINERS; at += 1) cookies.push(await signIn());
  const { clients } = await api(cookies[0], 'GET', '/clients');
  const { trainer } = await api(cookies[0], 'GET', '/auth/me');
  const sessions = await Promise.all(
    clients.map(({ id }) => api(cookies[0], 'GET', `/clients/${id}/sessions`)),
  );
  const [some] = sessions.flatMap((found) => found.sessions);
  const lifts = some.lifts.map((lift) => lift.plan);
  const lane = (cookie, client) => {
    const device = v7();
    const streamId = v7();
    const send = (type, payload) =>
      api(cookie, 'POST', '/events', {
        events: [
          {
            ...{ id: v7(), stream: 'session', streamId, at: new Date().toISOString() },
            ...{ author: trainer.id, device, type, payload },
          },
        ],
      });
    const start = { clientId: client.id, bookingId: null, roomId: some.roomId, unit: 'kg', lifts };
    const set = {
      ...{ liftId: lifts[0].liftId, step: 0, kind: 'working', loadG: 60_000, reps: 8 },
      ...{ cleanReps: 8, marks: [], rir: 2, proposed: { loadG: 60_000, reps: 8 } },
    };
    return {
      start: () => send('session.started', start),
      log: async () => {
        const since = performance.now();
        await send('set.logged', set);
        return performance.now() - since;
      },
    };
  };
  const lanes = cookies.map((cookie, at) => lane(cookie, clients[at % clients.length]));
  for (const { start } of lanes) await start();
  for (let at = 0; at < IDLE_SETS / 2; at += 1) await lanes[0].log();
  const idle = [];
  for (let at = 0; at < IDLE_SETS; at += 1) idle.push(await lanes[0].log());

  const counted = { pulls: 0, failed: [] };
  const unfollow = cookies.map((cookie) => follow(address, cookie, api, counted));
  const taken = [];
  const memory = [];
  const until = performance.now() + MINUTES * 60_000;
  const training = lanes.map(async ({ log }, at) => {
    await wait((EVERY_MS * at) / TRAINERS);
    for (let turn = performance.now(); performance.now() < until; turn += EVERY_MS) {
      await log().then(
        (ms) => taken.push(ms),
        (error) => counted.failed.push(error),
      );
      await wait(Math.max(0, turn + EVERY_MS - performance.now()));
    }
  });
  const weighing = (async () => {
    while (performance.now() < until) {
      memory.push(residentMb(pid));
      await wait(Math.min(60_000, MINUTES * 10_000));
    }
  })();
  await Promise.all([...training, weighing]);
  unfollow.forEach((stop) => stop());
  const [alone, together] = [quantile(idle, 0.95), quantile(taken, 0.95)];
  const third = memory.slice(Math.floor(memory.length / 3));
  console.log(
    `${TRAINERS} trainers, a set every ${EVERY_MS / 1000} s for ${MINUTES} min: ${taken.length} sets, ${counted.failed.length} failed, ` +
      `p95 ${(together / alone).toFixed(2)}× one trainer alone (goal: within 5), ${(counted.pulls / taken.length).toFixed(1)} fetches a set; ` +
      `memory ${memory[0].toFixed(0)} MB, from the first third on ${Math.min(...third).toFixed(0)} to ${Math.max(...third).toFixed(0)} MB, ` +
      `at the end ${memory.at(-1).toFixed(0)}`,
  );
  if (counted.failed.length > 0) console.log(`  the first failure: ${counted.failed[0]}`);
}
