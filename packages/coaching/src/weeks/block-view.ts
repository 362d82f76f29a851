import { findLift } from '@spalo/catalog';
import { askOf, daysOf, doneDays, nextDay, type Ask, type BlockState } from '@spalo/core/block';
import { loadables } from '@spalo/core/loads';
import { memoryOf, type DoneDay, type DoneLift } from '@spalo/core/memory';
import { isClosed, rangeLimit, rangeOf, startsCareful } from '@spalo/core/person';
import { draftLoads, type LoadsDraft } from '@spalo/core/planning';
import type { BlockDay, LiftPlan } from '@spalo/core/session';
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

/** A lift on a day of a block: what is asked, what was done, what is likely to come. */
export interface BlockDayView {
  week: number;
  day: number;
  ask: Ask | null;
  done: DoneLift | null;
  /** The session was done, or is not made up for: nothing is to come of this day. */
  over: boolean;
  projected: Projected | null;
}

/** A lift over a block. */
export interface BlockLiftView {
  liftId: string;
  days: BlockDayView[];
  /** Why nothing is projected; null where it is. */
  closed: StoredWhy | null;
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
  const others = block.lifts
    .filter(({ liftId }) => findLift(liftId) && !here.some((lift) => lift.liftId === liftId))
    .map(({ liftId }) => programmeLift(liftId));
  const alone = draftLoads(draftInputFor(training, others));
  return { ...alone, lifts: [...here, ...alone.lifts] };
}

/** Working sets that a session of a block asks before a lift, in the first session that asks for any. */
function setsBefore({ lifts }: BlockState, liftId: string): number {
  const place = lifts.findIndex((lift) => lift.liftId === liftId);
  return lifts
    .slice(0, Math.max(0, place))
    .reduce((sum, { weeks }) => sum + (weeks.flat().find((ask) => ask)?.sets ?? 0), 0);
}

/** The days to come of a lift, projected from its plan. */
function projectLift(
  { client, profile, room, now }: Training,
  block: BlockState,
  done: readonly DoneDay[],
  plan: LiftPlan,
  weeks: readonly CalendarWeek[],
): Projected[] {
  const lift = findLift(plan.liftId);
  if (!lift) return [];
  const startOf = (week: number) =>
    weeks.find((each) => each.kind === 'block' && each.week === week)?.from ?? block.from;
  const weeksAhead = (week: number) =>
    Math.max(0, Math.round((Date.parse(startOf(week)) - Date.parse(now)) / WEEK_MS));
  const days = daysAhead(client, { block, done }, plan.liftId, now).map((ahead) => ({
    ...ahead,
    weeksAhead: weeksAhead(ahead.cell.week),
  }));
  const loads = loadables(room, plan.implement);
  const strength = profile.behind(setsBefore(block, plan.liftId));
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

/** A block with what was done of it and what is projected, for this client in this room. */
export function blockView(training: Training, block: BlockState): BlockView {
  const { client, now } = training;
  const done = doneDays(block, client.history);
  const weeks = calendarOf(block, done, studioDay(now), client.turnedDown);
  const bases = basesOf(training, block);
  const isOver = (week: number, day: number) =>
    [...done, ...block.leftOut].some((each) => each.week === week && each.day === day);
  const lifts = block.lifts.map(({ liftId }): BlockLiftView => {
    const base = bases.lifts.find((each) => each.liftId === liftId);
    const ahead = base ? projectLift(training, block, done, base, weeks) : [];
    return {
      liftId,
      limited: limitedBy(training, block, liftId),
      closed: base ? null : (bases.closed.find((each) => each.liftId === liftId)?.why ?? null),
      days: daysOf(block).map(({ week, day }) => ({
        week,
        day,
        ask: askOf(block, liftId, { week, day }),
        done: done.find((each) => each.week === week && each.day === day)?.lifts[liftId] ?? null,
        over: isOver(week, day),
        projected: ahead.find(({ cell }) => cell.week === week && cell.day === day) ?? null,
      })),
    };
  });
  return { weeks, lifts, next: nextDay(block, done), moved: weeksMoved(block, weeks) };
}
