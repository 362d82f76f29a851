import { smoothed, type PathPoint } from './path';

/** Whether a rep goes down and comes up again, or up and down again. */
export const ways = ['down first', 'up first'] as const;
export type Way = (typeof ways)[number];

/** What a rep was, by its path. */
export interface RepNumbers {
  /** Seconds in the clip: it begins, turns, leaves the turn, and is finished. */
  begin: number;
  turn: number;
  leave: number;
  end: number;
  /** How far it went down, or up, mm. */
  travel: number;
  /** Height of the bar above the floor at its lowest, mm. */
  lowest: number;
  /** Seconds: the lowering, the stillness at the turn, the lifting. */
  downS: number;
  pauseS: number;
  upS: number;
  /** Speed of the lifting, mm/s: its mean, and the least in its middle. */
  meanUp: number;
  leastUp: number;
  /** Forward of the plumb line at the bottom, and where it strays most, mm (negative: behind). */
  driftAtBottom: number;
  drift: number;
  /** False: the bar was hidden for a part of it, so that its turn, pause and speeds may be off. */
  whole: boolean;
}

/** What turns by less than this share of the largest movement is no rep: a walk out, a breath, a bounce on the chest. */
const LEAST_TURN = 0.4;
/** A turn lasts while the bar is slower than this (mm/s), and within this share of the rep's travel of it. */
const STILL = { speed: 60, share: 0.03, leastMm: 8 } as const;
/** The last rep of a film is one where it came back this far, as a share of the way that it went. */
const CAME_BACK = 0.7;
/** Two moments of a path farther apart than this (s) have something hidden between them. */
const GAP_S = 0.2;
/** A movement of the whole clip smaller than this is none, mm. */
const LEAST_TRAVEL = 80;

interface Turn {
  at: number;
  high: boolean;
}

/** The highs and lows of a path that are at least so far apart, one after the other. */
function turnsOf(heights: readonly number[], least: number): Turn[] {
  const turns: Turn[] = [];
  let [low, high] = [0, 0];
  for (let at = 1; at < heights.length; at += 1) {
    const y = heights[at]!;
    const last = turns.at(-1);
    if (!last || last.high) {
      if (y < heights[low]!) low = at;
    }
    if (!last || !last.high) {
      if (y > heights[high]!) high = at;
    }
    if ((!last || !last.high) && heights[high]! - y > least) {
      turns.push({ at: high, high: true });
      low = at;
    } else if ((!last || last.high) && y - heights[low]! > least) {
      turns.push({ at: low, high: false });
      high = at;
    }
  }
  const last = turns.at(-1);
  if (last) turns.push(last.high ? { at: low, high: false } : { at: high, high: true });
  return turns;
}

/** How long round a turn the bar stays near it: the first and last moment of it. */
function stillness(
  path: readonly PathPoint[],
  turn: number,
  travel: number,
  from: number,
  to: number,
) {
  const near = Math.max(STILL.leastMm, STILL.share * travel);
  const y = path[turn]!.y;
  const speed = (at: number) => {
    const [one, other] = [path[Math.max(from, at - 1)]!, path[Math.min(to, at + 1)]!];
    return other.t > one.t ? Math.abs(other.y - one.y) / (other.t - one.t) : 0;
  };
  const inside = (at: number) => Math.abs(path[at]!.y - y) <= near && speed(at) < STILL.speed;
  let [begin, end] = [turn, turn];
  while (begin > from && inside(begin - 1)) begin -= 1;
  while (end < to && inside(end + 1)) end += 1;
  return { begin, end };
}

/** The mean speed of a stretch, and the least over a tenth of a second in its middle, mm/s. */
function speeds(path: readonly PathPoint[], from: number, to: number) {
  const seconds = path[to]!.t - path[from]!.t;
  const rise = path[to]!.y - path[from]!.y;
  let least = Infinity;
  for (let at = from; at < to; at += 1) {
    let next = at + 1;
    while (next < to && path[next]!.t - path[at]!.t < 0.1) next += 1;
    const done = (path[at]!.y - path[from]!.y) / rise;
    if (done < 0.15 || done > 0.8) continue;
    least = Math.min(least, (path[next]!.y - path[at]!.y) / (path[next]!.t - path[at]!.t));
  }
  const mean = seconds > 0 ? rise / seconds : 0;
  return { mean, least: Number.isFinite(least) ? Math.max(0, least) : mean };
}

/** Where a path strays farthest from the plumb line between two moments, mm. */
function farthest(path: readonly PathPoint[], from: number, to: number): number {
  let most = 0;
  for (let at = from; at <= to; at += 1)
    if (Math.abs(path[at]!.x) > Math.abs(most)) most = path[at]!.x;
  return most;
}

const hasGap = (path: readonly PathPoint[], from: number, to: number): boolean =>
  path.slice(from + 1, to + 1).some(({ t }, at) => t - path[from + at]!.t > GAP_S);

function numbersOf(
  path: readonly PathPoint[],
  first: number,
  turn: number,
  last: number,
  way: Way,
): RepNumbers {
  const [bottom, tops] =
    way === 'down first' ? [turn, [first, last] as const] : [first, [turn, turn] as const];
  const travel = Math.abs(path[turn]!.y - path[first]!.y);
  const edge = (at: number) => stillness(path, at, travel, first, last);
  const [begin, still, end] = [edge(first).end, edge(turn), edge(last).begin];
  const down = way === 'down first' ? [begin, still.begin] : [still.end, end];
  const up = way === 'down first' ? [still.end, end] : [begin, still.begin];
  const took = ([from, to]: number[]) => Math.max(0, path[to!]!.t - path[from!]!.t);
  const { mean, least } = speeds(path, up[0]!, Math.max(up[0]!, up[1]!));
  return {
    begin: path[begin]!.t,
    turn: path[turn]!.t,
    leave: path[still.end]!.t,
    end: path[end]!.t,
    travel: way === 'down first' ? path[tops[0]]!.y - path[bottom]!.y : travel,
    lowest: path[bottom]!.y,
    downS: took(down),
    pauseS: took([still.begin, still.end]),
    upS: took(up),
    meanUp: mean,
    leastUp: least,
    driftAtBottom: path[bottom]!.x,
    drift: farthest(path, first, last),
    whole: !hasGap(path, first, last),
  };
}

/**
 * The reps of a path, with what each was. A walk out or a breath is none; a set that breaks off in the middle of a rep has
 * that one not. Empty where nothing moved.
 */
export function repsOf(raw: readonly PathPoint[], way: Way): RepNumbers[] {
  const path = smoothed(raw);
  const heights = path.map(({ y }) => y);
  if (path.length < 3) return [];
  const range = Math.max(...heights) - Math.min(...heights);
  if (range < LEAST_TRAVEL) return [];
  const turns = turnsOf(heights, LEAST_TURN * range);
  const starts = way === 'down first';
  const reps: RepNumbers[] = [];
  for (let at = 0; at + 2 < turns.length; at += 1) {
    const [first, turn, last] = [turns[at]!, turns[at + 1]!, turns[at + 2]!];
    if (first.high !== starts) continue;
    // The last way back is only a rep where it came back.
    const back = Math.abs(heights[last.at]! - heights[turn.at]!);
    if (back < CAME_BACK * Math.abs(heights[turn.at]! - heights[first.at]!)) continue;
    reps.push(numbersOf(path, first.at, turn.at, last.at, way));
  }
  return reps;
}

/** Whether a path's reps go down first or up first, by the way it leaves where it rests; down where it does neither. */
export function wayOf(raw: readonly PathPoint[]): Way {
  const heights = smoothed(raw).map(({ y }) => y);
  if (heights.length === 0) return 'down first';
  const range = Math.max(...heights) - Math.min(...heights);
  const [first] = turnsOf(heights, LEAST_TURN * range);
  return !first || first.high ? 'down first' : 'up first';
}
