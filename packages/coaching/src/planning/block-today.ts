import { findLift } from '@spalo/catalog';
import {
  allowedAsk,
  askOf,
  blockOn,
  daysToCome,
  doneDays,
  lastCleanLoad,
  nextDay,
  type Ahead,
  type Ask,
  type BlockState,
} from '@spalo/core/block';
import { memoryOf, type DoneDay } from '@spalo/core/memory';
import { turnedDownOn } from '@spalo/core/person';
import type { BlockDay, PlannedLift } from '@spalo/core/session';
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
): Ahead {
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

/** The days still to come of a block, with what each asks of a lift; days on which it rests are left out. */
export function daysAhead(
  client: CoachedClient,
  { block, done }: BlockSoFar,
  liftId: string,
  now: string,
): Ahead[] {
  return daysToCome(block, done).flatMap((day) => {
    const ask = askOf(block, liftId, day);
    return ask ? [aheadOf(client, liftId, day, ask, now)] : [];
  });
}

/** A session, as far as its day of a block is concerned. */
interface OfBlock {
  block?: BlockDay;
}

/**
 * What a client's block asks of a lift the next time after a session (`now`, ISO, with the sets of today); null outside of
 * blocks, and after its last day.
 */
export function aheadAfter(
  client: CoachedClient,
  session: OfBlock,
  plan: Pick<PlannedLift, 'liftId' | 'standsFor'>,
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
  return day && ask ? aheadOf(client, plan.liftId, day, ask, now, today) : null;
}
