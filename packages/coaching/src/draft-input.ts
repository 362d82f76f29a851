import { findLift } from '@spalo/catalog';
import {
  turnedDownOn,
  type Ahead,
  type DraftInput,
  type ProgrammeLift,
  type Room,
  type StrengthProfile,
  type Unit,
} from '@spalo/core';
import { blockNow, blockToday, type BlockToday } from './block-today';
import type { CoachedClient } from './client';
import { programmeFor, programmeLift } from './programme';
import { withStandIns } from './stand-in';

/** A client about to train: where, in which unit, when (ISO), and what is believed of their strength. */
export interface Training {
  client: CoachedClient;
  profile: StrengthProfile;
  room: Room;
  unit: Unit;
  now: string;
}

/** The lifts of today: those of the block's day, of the block in turned-down weeks, else the client's own. */
function programmeToday(
  client: CoachedClient,
  room: Room,
  now: string,
  today: BlockToday | null,
): ProgrammeLift[] {
  if (today) return [...today.asked.keys()].filter((id) => findLift(id)).map(programmeLift);
  const running = turnedDownOn(client, now.slice(0, 10)) && blockNow(client, now)?.block;
  if (!running) return programmeFor(client, room, now);
  return running.lifts
    .filter(({ liftId }) => findLift(liftId))
    .map((lift) => programmeLift(lift.liftId));
}

/** What is asked of a lift is asked of the one that stands in for it. */
function asStandIns(
  asked: ReadonlyMap<string, Ahead>,
  programme: readonly ProgrammeLift[],
): Map<string, Ahead> {
  const all = new Map(asked);
  for (const { lift, standIn, steppedDown } of programme) {
    const ahead = asked.get(lift.id);
    for (const other of [standIn, steppedDown]) {
      if (other && ahead) all.set(other.lift.id, { ...ahead, doneG: null });
    }
  }
  return all;
}

/** What a session is drafted from: what the client's block asks today, else their own lifts; or those given. */
export function draftInputFor(
  { client, profile, room, unit, now }: Training,
  given?: readonly ProgrammeLift[],
): DraftInput {
  const today = given ? null : blockToday(client, now);
  const less = given ? null : turnedDownOn(client, now.slice(0, 10));
  const chosen = given ?? programmeToday(client, room, now, today);
  const programme = given ?? withStandIns(chosen, client, room, now);
  return {
    programme,
    person: client,
    profile,
    history: client.history,
    room,
    unit,
    now,
    ...(today && { block: today.day, asked: asStandIns(today.asked, programme) }),
    ...(less && { turnedDown: less }),
  };
}
