import { findLift } from '@spalo/catalog';
import { doneDays, type BlockState } from '@spalo/core/block';
import type { DoneDay } from '@spalo/core/memory';
import type { PastSet } from '@spalo/core/strength';
import { responseOf, worthHaving, type Growth } from '@spalo/core/blocks';
import type { CoachedClient } from '../client/client';
import { whatToChange } from './what-to-change';
import type { BlockBefore, LiftWorking, Working } from './working';

const WEEK_MS = 7 * 24 * 3600 * 1000;
/** What of the time before a block tells whether its lifts still grow. */
const BEFORE_WEEKS = 8;

const lastDay = (block: BlockState, done: readonly DoneDay[]): string =>
  block.endedAt ?? done.at(-1)?.at ?? block.startedAt;

/** Share of the sessions that were due by a time that were done. */
function adherenceOf(block: BlockState, done: readonly DoneDay[], now: string): number {
  const weeks = (Date.parse(now) - Date.parse(block.from)) / WEEK_MS;
  const due = Math.min(block.weeks, Math.max(0, Math.floor(weeks))) * block.days;
  return due === 0 ? 1 : Math.min(1, done.length / due);
}

const between = (sets: readonly PastSet[], fromMs: number, to: string) =>
  sets.filter(({ at }) => Date.parse(at) >= fromMs && at <= to);

/** The middle of several ranges. */
function middleOf(slopes: readonly Growth[]): Growth | null {
  if (slopes.length === 0) return null;
  const mean = (of: (slope: Growth) => number) =>
    slopes.reduce((sum, slope) => sum + of(slope), 0) / slopes.length;
  return { middle: mean((s) => s.middle), low: mean((s) => s.low), high: mean((s) => s.high) };
}

function blockBefore(
  client: CoachedClient,
  block: BlockState,
  sets: readonly PastSet[],
): BlockBefore {
  const done = doneDays(block, client.history);
  const own = between(sets, Date.parse(block.from), lastDay(block, done));
  const slopes = block.lifts.flatMap(({ liftId }) => {
    const lift = findLift(liftId);
    const response = lift && responseOf(own, lift, client);
    return response && response.verdict !== 'too early' ? [response.slope] : [];
  });
  const due = block.weeks * block.days;
  return {
    block,
    slope: middleOf(slopes),
    worth: worthHaving(client),
    adherence: due > 0 ? Math.min(1, done.length / due) : 0,
  };
}

/** Whether a block works for a client, by all their sets (oldest first), and what to keep or change after it. */
export function isItWorking(
  client: CoachedClient,
  block: BlockState,
  sets: readonly PastSet[],
  now: string,
): Working {
  const done = doneDays(block, client.history);
  const end = block.endedAt ?? now;
  const own = between(sets, Date.parse(block.from), end);
  const recent = between(sets, Date.parse(block.from) - BEFORE_WEEKS * WEEK_MS, end);
  const lifts = block.lifts.flatMap(({ liftId }): LiftWorking[] => {
    const lift = findLift(liftId);
    if (!lift || lift.counted !== 'reps') return [];
    const reps = own.filter((set) => set.liftId === liftId);
    const all = reps.reduce((sum, set) => sum + set.reps, 0);
    const clean = all > 0 ? reps.reduce((sum, set) => sum + set.cleanReps, 0) / all : null;
    return [{ liftId, response: responseOf(recent, lift, client), clean }];
  });
  const asked = new Map(own.flatMap((set) => (set.dayForm ? [[set.sessionId, set.dayForm]] : [])));
  const adherence = adherenceOf(block, done, end);
  const before = (client.blocks ?? [])
    .filter(({ startId }) => startId < block.startId)
    .map((each) => blockBefore(client, each, sets));
  return {
    lifts,
    adherence,
    rough:
      asked.size > 0
        ? [...asked.values()].filter((form) => form === 'rough').length / asked.size
        : null,
    before,
    advice: whatToChange(block, lifts, adherence, before),
  };
}
