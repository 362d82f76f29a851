import { findLift } from '@spalo/catalog';
import {
  allowedAsk,
  askOf,
  blockOn,
  daysToCome,
  doneDays,
  heavySets,
  lastCleanLoad,
  nextDay,
  type Ahead,
  type AheadDay,
  type Ask,
  type BlockState,
} from '@spalo/core/block';
import { memoryOf, type DoneDay } from '@spalo/core/memory';
import { turnedDownOn, workingRange } from '@spalo/core/person';
import { usualRir } from '@spalo/core/planning';
import type { BlockDay, LiftPlan, PlannedLift } from '@spalo/core/session';
import type { PastSet } from '@spalo/core/strength';
import { studioDay } from '@spalo/core/unit';
import type { CoachedClient } from '../client/client';

/** A block with what was done of it. */
export interface BlockSoFar {
  block: BlockState;
  done: readonly DoneDay[];
}

/** What is asked of a client's lift on a day of a block: its reps those that are open to them. */
function aheadOf(
  client: CoachedClient,
  liftId: string,
  cell: BlockDay,
  ask: Ask,
  now: string,
  today: readonly PastSet[] = [],
): AheadDay {
  const lift = findLift(liftId);
  const { faults } = memoryOf(client.history, liftId);
  const open = lift ? allowedAsk(ask, client, lift, { now, faults }) : ask;
  const evidence = [...client.history.evidence, ...today];
  const isLight = (ask.share ?? 1) < 1;
  return { cell, ask: open, doneG: isLight ? null : lastCleanLoad(evidence, liftId, open, now) };
}

/** The block that a client is in at a time (ISO); null where they are in none. */
export function blockNow(client: CoachedClient, now: string): BlockSoFar | null {
  const block = blockOn(client.blocks ?? [], client.history, studioDay(now));
  return block && { block, done: doneDays(block, client.history) };
}

/** The day of a block that a session at a time would do, and what it asks, by lift. */
export interface BlockToday extends BlockSoFar {
  day: BlockDay;
  asked: Map<string, Ahead>;
}

/** The day that a client's block has for a session now; null outside of blocks, and while its weeks are turned down. */
export function blockToday(client: CoachedClient, now: string): BlockToday | null {
  const found = turnedDownOn(client, studioDay(now)) ? null : blockNow(client, now);
  const day = found && nextDay(found.block, found.done);
  if (!day) return null;
  const asked = new Map(
    found.block.lifts.flatMap(({ liftId }) => {
      const ask = askOf(found.block, liftId, day);
      return ask ? [[liftId, aheadOf(client, liftId, day, ask, now)] as const] : [];
    }),
  );
  return { ...found, day, asked };
}

/**
 * The days still to come of a block, with what each asks of a lift, or of the one that does it where it stands in; days on
 * which it rests are left out.
 */
export function daysAhead(
  client: CoachedClient,
  { block, done }: BlockSoFar,
  liftId: string,
  now: string,
  doing = liftId,
): AheadDay[] {
  return daysToCome(block, done).flatMap((day) => {
    const ask = askOf(block, liftId, day);
    return ask ? [aheadOf(client, doing, day, ask, now)] : [];
  });
}

/** What a lift goes on with once its block has no more days for it: the block's heavy sets, in the lift's usual reps. */
function afterBlock(
  client: CoachedClient,
  plan: Pick<LiftPlan, 'liftId' | 'reps' | 'sets'>,
  sets: number | null,
  now: string,
): Ahead | null {
  const lift = findLift(plan.liftId);
  if (!lift) return null;
  const { faults } = memoryOf(client.history, lift.id);
  const among = workingRange(client, lift, { now, faults });
  const reps = Math.min(among.high, Math.max(among.low, plan.reps));
  const ask = { sets: sets ?? plan.sets, reps, targetRir: usualRir(client, now) };
  return { cell: null, ask, among, doneG: null };
}

/** A lift that may be done, and the one of the programme that it is or stands in for. */
export interface DoneFor {
  liftId: string;
  doneFor: string;
}

/**
 * What is handed over of the lifts that were last planned for a block that is through, was ended or taken back, or holds them no
 * more, by lift.
 */
export function handedOver(
  client: CoachedClient,
  lifts: readonly DoneFor[],
  now: string,
): Map<string, Ahead> {
  const { blocks, history } = client;
  const all = new Map<string, Ahead>();
  for (const { liftId, doneFor } of lifts) {
    const { plan } = memoryOf(history, liftId);
    if (!plan?.cell || !blocks) continue;
    const { blockId } = plan.cell;
    const block = blocks.find(({ id }) => id === blockId);
    const done = block ? doneDays(block, history) : [];
    const comes = block ? daysToCome(block, done) : [];
    if (block && comes.some((day) => askOf(block, doneFor, day) !== null)) continue;
    const sets = block ? heavySets(block, done, doneFor) : null;
    const ahead = afterBlock(client, plan, sets, now);
    if (ahead) all.set(liftId, ahead);
  }
  return all;
}

/** A session, as far as its day of a block is concerned. */
interface OfBlock {
  block?: BlockDay;
}

/**
 * What a client's block asks of a lift the next time after a session (`now`, ISO, with the sets of today), or hands over after its
 * last day; null outside of blocks.
 */
export function aheadAfter(
  client: CoachedClient,
  session: OfBlock,
  plan: Pick<PlannedLift, 'liftId' | 'standsFor' | 'reps' | 'sets' | 'cell'>,
  now: string,
  today: readonly PastSet[],
): Ahead | null {
  const { blocks = [], history } = client;
  const { block: at } = session;
  const block = at
    ? blocks.find(({ id }) => id === at.blockId)
    : blockOn(blocks, history, studioDay(now));
  if (!block) return null;
  const done = [...doneDays(block, history), ...(at ? [at] : [])];
  const asked = plan.standsFor ?? plan.liftId;
  const day = daysToCome(block, done).find((each) => askOf(block, asked, each) !== null);
  const ask = day && askOf(block, asked, day);
  if (day && ask) return aheadOf(client, plan.liftId, day, ask, now, today);
  return plan.cell ? afterBlock(client, plan, heavySets(block, done, asked), now) : null;
}
