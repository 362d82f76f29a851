import { dayPlus, studioDay } from '../unit/days';
import type { DoneDay } from '../memory/block-memory';
import { lessOn, type TurnedDown } from '../person/turned-down';
import type { BlockState } from './block';
import { nextDay } from './days';

const dayOf = (done: DoneDay | undefined): string | undefined => done && studioDay(done.at);

/** The first day of the week that a day lies in; `firstDay` 1 for Monday, 0 for Sunday. */
function weekOf(day: string, firstDay = 1): string {
  const weekday = new Date(Date.parse(day)).getUTCDay();
  return dayPlus(day, -((weekday - firstDay + 7) % 7));
}

/** A week on a block's way: one of its own, or one that is turned down meanwhile. */
export type CalendarWeek =
  | { kind: 'block'; week: number; from: string; done: boolean }
  | { kind: 'turned down'; from: string; why: TurnedDown };

/** Farther ahead than this nothing is laid out, whatever was turned down. */
const MOST_WEEKS = 60;

/**
 * The weeks of a block as they fell and will fall. Done weeks lie where they were done; the next one lies in the week of
 * `today`, or after it where that week's sessions are done, and the rest follow, round weeks that are turned down.
 */
export function calendarOf(
  block: BlockState,
  done: readonly DoneDay[],
  today: string,
  turnedDown: readonly TurnedDown[] = [],
): CalendarWeek[] {
  const next = nextDay(block, done)?.week ?? block.weeks;
  const first = (week: number) => dayOf(done.find((each) => each.week === week));
  const weeks: CalendarWeek[] = [];
  const isDown = (from: string) =>
    lessOn({ turnedDown }, from) ?? lessOn({ turnedDown }, dayPlus(from, 3));
  let at = weekOf(block.from);
  const passOver = (to: string) => {
    for (let left = MOST_WEEKS; at < to && left > 0; left -= 1, at = dayPlus(at, 7)) {
      const why = isDown(at);
      if (why) weeks.push({ kind: 'turned down', from: at, why });
    }
  };
  for (let week = 0; week < block.weeks; week += 1) {
    const began = first(week);
    if (began !== undefined) passOver(weekOf(began));
    else if (week === next) {
      const latest = dayOf(done.at(-1));
      const here = weekOf(today);
      // The week whose sessions are done is over for this block.
      const free = latest !== undefined && weekOf(latest) === here ? dayPlus(here, 7) : here;
      passOver(free > at ? free : at);
    }
    if (week >= next) {
      for (let left = MOST_WEEKS; isDown(at) && left > 0; left -= 1) passOver(dayPlus(at, 7));
    }
    weeks.push({ kind: 'block', week, from: at, done: week < next });
    at = dayPlus(at, 7);
  }
  return weeks;
}

/** How many weeks later the block ends than it would have without what was missed or turned down. */
export function weeksMoved(block: BlockState, weeks: readonly CalendarWeek[]): number {
  const last = weeks.at(-1);
  if (!last) return 0;
  const planned = dayPlus(weekOf(block.from), 7 * (block.weeks - 1));
  return Math.max(
    0,
    Math.round((Date.parse(last.from) - Date.parse(planned)) / (7 * 24 * 3600 * 1000)),
  );
}
