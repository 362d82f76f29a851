import { findLift } from '@spalo/catalog';
import { allowedAsk, type Ahead } from '@spalo/core/block';
import { memoryOf, type TimeTaken } from '@spalo/core/memory';
import { turnedDownOn } from '@spalo/core/person';
import type { Arranged, DraftInput, ProgrammeLift } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import type { StrengthProfile } from '@spalo/core/strength';
import { type Unit, studioDay } from '@spalo/core/unit';
import { blockNow, blockToday, handedOver, type BlockToday, type DoneFor } from './block-today';
import type { CoachedClient } from '../client/client';
import { programmeFor, programmeLift } from '../programme/programme';
import { withStandIns } from '../programme/stand-in';

/** A client about to train: where, in which unit, when (ISO), and what is believed of their strength. */
export interface Training {
  client: CoachedClient;
  profile: StrengthProfile;
  room: Room;
  unit: Unit;
  now: string;
  /** How long the sessions of the trainer's other clients took, one list a client: for who has hardly trained here. */
  others?: readonly (readonly TimeTaken[])[];
}

/** The lifts of today: those of the block's day, of the block in turned-down weeks, else the client's own. */
function programmeToday(
  client: CoachedClient,
  room: Room,
  now: string,
  today: BlockToday | null,
): ProgrammeLift[] {
  if (today) return [...today.asked.keys()].filter((id) => findLift(id)).map(programmeLift);
  const running = turnedDownOn(client, studioDay(now)) && blockNow(client, now)?.block;
  if (!running) return programmeFor(client, room, now);
  return running.lifts
    .filter(({ liftId }) => findLift(liftId))
    .map((lift) => programmeLift(lift.liftId));
}

/** A lift of a programme with all that may be done in its place. */
const allOf = (entry: ProgrammeLift): ProgrammeLift[] => [
  entry,
  ...[entry.standIn, entry.steppedDown, entry.easier].flatMap((other) =>
    other ? allOf(other) : [],
  ),
];

/** The lifts that a programme may do, and what each is done for. */
const liftsOf = (programme: readonly ProgrammeLift[]): DoneFor[] =>
  programme.flatMap((entry) =>
    allOf(entry).map(({ lift }) => ({ liftId: lift.id, doneFor: entry.lift.id })),
  );

/** What is asked of a lift is asked of the one that stands in for it. */
function asStandIns(
  asked: ReadonlyMap<string, Ahead>,
  programme: readonly ProgrammeLift[],
  client: CoachedClient,
  now: string,
): Map<string, Ahead> {
  const all = new Map(asked);
  const askOther = (ahead: Ahead, { lift, easier }: ProgrammeLift) => {
    const { faults } = memoryOf(client.history, lift.id);
    // With the reps that are open in the other lift: what was earned in one is not in another.
    const ask = allowedAsk(ahead.ask, client, lift, { now, faults });
    all.set(lift.id, { ...ahead, ask, doneG: null });
    if (easier) askOther(ahead, easier);
  };
  for (const { lift, standIn, steppedDown, easier } of programme) {
    const ahead = asked.get(lift.id);
    for (const other of [standIn, steppedDown, easier]) if (other && ahead) askOther(ahead, other);
  }
  return all;
}

/**
 * What a session is drafted from: what the client's block asks today, else their own lifts; or those given. `arranged` is how it
 * gives way to others of its hour.
 */
export function draftInputFor(
  { client, profile, room, unit, now }: Training,
  given?: readonly ProgrammeLift[],
  arranged?: Arranged,
): DraftInput {
  const today = given ? null : blockToday(client, now);
  const less = given ? null : turnedDownOn(client, studioDay(now));
  const chosen = given ?? programmeToday(client, room, now, today);
  const programme = given ?? withStandIns(chosen, client, room, now);
  const left = handedOver(client, liftsOf(programme), now);
  const ofBlock = today ? [...asStandIns(today.asked, programme, client, now)] : [];
  const byBlock = new Map(ofBlock);
  const asked = new Map([...ofBlock, ...[...left].filter(([id]) => !byBlock.has(id))]);
  return {
    programme,
    person: client,
    profile,
    history: client.history,
    room,
    unit,
    now,
    ...(today && { block: today.day }),
    ...(asked.size > 0 && { asked }),
    ...(less && { turnedDown: less }),
    ...(arranged && { arranged }),
  };
}
