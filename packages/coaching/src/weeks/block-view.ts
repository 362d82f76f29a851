import { findLift } from '@spalo/catalog';
import {
  askOf,
  daysOf,
  doneDays,
  nextDay,
  type Ask,
  type BlockState,
  type LeftOut,
} from '@spalo/core/block';
import { loadables } from '@spalo/core/loads';
import { memoryOf, type DoneDay, type DoneLift } from '@spalo/core/memory';
import { isClosed, rangeLimit, rangeOf, startsCareful } from '@spalo/core/person';
import { draftLoads, type LoadsDraft } from '@spalo/core/planning';
import type { BlockDay, LoadedLift } from '@spalo/core/session';
import { studioDay } from '@spalo/core/unit';
import type { StoredWhy } from '@spalo/core/words';
import {
  calendarOf,
  projectDays,
  weeksMoved,
  type CalendarWeek,
  type Projected,
} from '@spalo/core/blocks';
import { daysAhead } from '../planning/block-today';
import { draftInputFor, type Training } from '../planning/draft-input';
import { programmeLift } from '../programme/programme';
import { withStandIns } from '../programme/stand-in';

/** A lift on a day of a block: what is asked, what was done, what is likely to come. */
export interface BlockDayView {
  week: number;
  day: number;
  ask: Ask | null;
  done: DoneLift | null;
  /** The lift that did it, or will, where it is another that stands in; null where it is the lift itself. */
  standIn: string | null;
  /** The session was done, or is not made up for: nothing is to come of this day. */
  over: boolean;
  projected: Projected | null;
}

/** A lift over a block. */
export interface BlockLiftView {
  liftId: string;
  days: BlockDayView[];
  /** Why the lift itself is left out; null where it is done. */
  closed: StoredWhy | null;
  /** The lift that stands in for it in the days to come; null where none does. */
  standIn: string | null;
  /** Why some days ask for more reps than the block has; null where all are as it has them. */
  limited: StoredWhy | null;
}

/** A block as it was done and will likely go on. */
export interface BlockView {
  weeks: CalendarWeek[];
  lifts: BlockLiftView[];
  next: BlockDay | null;
  /** Weeks later than it was drafted for. */
  moved: number;
}

const WEEK_MS = 7 * 24 * 3600 * 1000;

/** What each lift of a block goes on from: today's session where that does its next day, else the lift on its own. */
function basesOf(training: Training, block: BlockState): LoadsDraft {
  const today = draftLoads(draftInputFor(training));
  const here = today.block?.blockId === block.id ? today.lifts : [];
  const { client, room, now } = training;
  const all = block.lifts
    .filter(({ liftId }) => findLift(liftId))
    .map(({ liftId }) => programmeLift(liftId));
  const others = withStandIns(all, client, room, now).filter(
    ({ lift }) => !here.some((each) => doesFor(each, lift.id)),
  );
  const alone = draftLoads(draftInputFor(training, others));
  return {
    lifts: [...here, ...alone.lifts],
    closed: [...(here.length > 0 ? today.closed : []), ...alone.closed],
  };
}

/** Whether a lift is, or stands in for, the one that a block has. */
const doesFor = (
  { liftId, standsFor }: Pick<LoadedLift, 'liftId' | 'standsFor'>,
  ofBlock: string,
): boolean => (standsFor ?? liftId) === ofBlock;

/** Working sets that a session of a block asks before a lift, in the first session that asks for any. */
function setsBefore({ lifts }: BlockState, liftId: string): number {
  const place = lifts.findIndex((lift) => lift.liftId === liftId);
  return lifts
    .slice(0, Math.max(0, place))
    .reduce((sum, { weeks }) => sum + (weeks.flat().find((ask) => ask)?.sets ?? 0), 0);
}

/** The days to come of a lift of the block, projected from the plan of what is done for it. */
function projectLift(
  { client, profile, room, now }: Training,
  block: BlockState,
  done: readonly DoneDay[],
  ofBlock: string,
  plan: LoadedLift,
  weeks: readonly CalendarWeek[],
): Projected[] {
  const lift = findLift(plan.liftId);
  if (!lift) return [];
  const startOf = (week: number) =>
    weeks.find((each) => each.kind === 'block' && each.week === week)?.from ?? block.from;
  const weeksAhead = (week: number) =>
    Math.max(0, Math.round((Date.parse(startOf(week)) - Date.parse(now)) / WEEK_MS));
  const days = daysAhead(client, { block, done }, ofBlock, now, plan.liftId).map((ahead) => ({
    ...ahead,
    weeksAhead: weeksAhead(ahead.cell.week),
  }));
  const loads = loadables(room, plan.implement);
  const strength = profile.behind(setsBefore(block, ofBlock));
  return projectDays(plan, days, {
    lift,
    loads,
    strength,
    careful: startsCareful(client, now),
  });
}

/** Why the fewest reps that a block asks of a lift are not offered; null where they are. */
function limitedBy(
  { client, now }: Training,
  { lifts }: BlockState,
  liftId: string,
): StoredWhy | null {
  const lift = findLift(liftId);
  const asks = lifts.find((each) => each.liftId === liftId)?.weeks.flat() ?? [];
  const reps = asks.flatMap((ask) => ask?.reps ?? []);
  if (!lift || lift.counted !== 'reps' || reps.length === 0) return null;
  const { faults } = memoryOf(client.history, liftId);
  const limit = rangeLimit(client, lift, rangeOf(Math.min(...reps)), { now, faults });
  return isClosed(limit) ? limit.why : null;
}

/** What was done of a lift on a day of a block, and by which where another stood in; null where nothing was. */
function doneFor(done: readonly DoneDay[], { week, day }: LeftOut, ofBlock: string) {
  const lifts = done.find((each) => each.week === week && each.day === day)?.lifts ?? {};
  const found = Object.entries(lifts).find(([liftId, { standsFor }]) =>
    doesFor({ liftId, ...(standsFor !== undefined && { standsFor }) }, ofBlock),
  );
  return found ? { done: found[1], standIn: found[0] === ofBlock ? null : found[0] } : null;
}

/** A block with what was done of it and what is projected, for this client in this room. */
export function blockView(training: Training, block: BlockState): BlockView {
  const { client, now } = training;
  const done = doneDays(block, client.history);
  const weeks = calendarOf(block, done, studioDay(now), client.turnedDown);
  const bases = basesOf(training, block);
  const isOver = (week: number, day: number) =>
    [...done, ...block.leftOut].some((each) => each.week === week && each.day === day);
  const lifts = block.lifts.map(({ liftId }): BlockLiftView => {
    const base = bases.lifts.find((each) => doesFor(each, liftId));
    const ahead = base ? projectLift(training, block, done, liftId, base, weeks) : [];
    const standIn = base && base.liftId !== liftId ? base.liftId : null;
    return {
      liftId,
      standIn,
      limited: limitedBy(training, block, liftId),
      closed: bases.closed.find((each) => each.liftId === liftId)?.why ?? null,
      days: daysOf(block).map(({ week, day }) => {
        const was = doneFor(done, { week, day }, liftId);
        return {
          week,
          day,
          ask: askOf(block, liftId, { week, day }),
          done: was?.done ?? null,
          standIn: was ? was.standIn : standIn,
          over: isOver(week, day),
          projected: ahead.find(({ cell }) => cell.week === week && cell.day === day) ?? null,
        };
      }),
    };
  });
  return { weeks, lifts, next: nextDay(block, done), moved: weeksMoved(block, weeks) };
}
