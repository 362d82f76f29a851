import { findLift } from '@spalo/catalog';
import { doneDays, type BlockState, type OneChange } from '@spalo/core/block';
import type { DoneDay } from '@spalo/core/memory';
import type { PastSet } from '@spalo/core/strength';
import { changeOf, responseOf, type Response } from '@spalo/core/blocks';
import type { CoachedClient } from '../client/client';

/** How a lift of a block goes, with what says so. */
export interface LiftWorking {
  liftId: string;
  response: Response;
  /** Share of its reps in the block that were clean, 0 to 1; null where none was done. */
  clean: number | null;
}

/** What a block before came to: what worked for this client. */
export interface BlockBefore {
  block: BlockState;
  /** Growth a week of its lifts, in the middle, with its range; null where too little was done. */
  slope: Response['slope'] | null;
  /** Share of its sessions that were done, 0 to 1. */
  adherence: number;
}

/** To keep a block as it is, or to change one thing. */
export interface Advice {
  change: OneChange;
  /** The lifts that it is changed for; null for all. */
  liftIds: string[] | null;
  /** In a few words, as the block after it keeps it. */
  says: string;
  why: string;
}

/** Whether a block works. */
export interface Working {
  lifts: LiftWorking[];
  /** Share of the sessions due so far that were done, 0 to 1; 1 before any was due. */
  adherence: number;
  /** Share of its sessions to which the client came rough; null where nobody asked. */
  rough: number | null;
  before: BlockBefore[];
  advice: Advice;
}

const WEEK_MS = 7 * 24 * 3600 * 1000;
/** What of the time before a block tells whether its lifts still grow. */
const BEFORE_WEEKS = 8;
/** Below this share of its sessions a block has not been tried. */
const TRIED = 0.6;
const MOST_SETS = 4;

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
function middleOf(slopes: readonly Response['slope'][]): Response['slope'] | null {
  if (slopes.length === 0) return null;
  const mean = (of: (slope: Response['slope']) => number) =>
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
    adherence: due > 0 ? Math.min(1, done.length / due) : 0,
  };
}

/** One thing to change where lifts have stopped growing; nothing where they have not, or the block was not tried. */
function adviceOf(block: BlockState, lifts: readonly LiftWorking[], adherence: number): Advice {
  const names = (of: readonly LiftWorking[]) =>
    of.map(({ liftId }) => findLift(liftId)?.name ?? liftId).join(', ');
  const keep = (why: string): Advice => ({
    change: 'nothing',
    liftIds: null,
    says: 'Kept as it was',
    why,
  });
  const off = lifts.filter(
    ({ response: { verdict } }) => verdict === 'fading' || verdict === 'going back',
  );
  if (adherence < TRIED)
    return keep('Too few of its sessions were done to say what it does: first have it done');
  if (off.length === 0)
    return keep(
      lifts.some(({ response }) => response.verdict === 'responding')
        ? 'It works: stay with it until it stops'
        : 'Too early to say: go on and look again',
    );
  const back = off.filter(({ response }) => response.verdict === 'going back');
  const liftIds = off.map(({ liftId }) => liftId);
  if (back.length > 0)
    return {
      change: 'more reps',
      liftIds,
      says: `Lighter, with more reps: ${names(off)}`,
      why: `${names(back)} ${back.length > 1 ? 'go' : 'goes'} back: a turned-down week, then lighter with more reps`,
    };
  const most = Math.max(
    ...block.lifts
      .filter(({ liftId }) => liftIds.includes(liftId))
      .flatMap(({ weeks }) => weeks.flat().map((ask) => ask?.sets ?? 0)),
  );
  const more = most < MOST_SETS && changeOf(block) !== 'one set more';
  return {
    change: more ? 'one set more' : 'fewer reps',
    liftIds,
    says: `${more ? 'One set more' : 'Heavier, with fewer reps'}: ${names(off)}`,
    why: `${names(off)} ${off.length > 1 ? 'have' : 'has'} stopped growing: change one thing and look again`,
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
  const earlier = (client.blocks ?? []).filter(({ startId }) => startId < block.startId);
  return {
    lifts,
    adherence,
    rough:
      asked.size > 0
        ? [...asked.values()].filter((form) => form === 'rough').length / asked.size
        : null,
    before: earlier.map((each) => blockBefore(client, each, sets)),
    advice: adviceOf(block, lifts, adherence),
  };
}
