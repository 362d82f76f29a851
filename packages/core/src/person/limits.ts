import { stressOn } from '../lift/joints';
import type { Lift, RepRange } from '../lift/lift';
import { cautionAgainst } from './caution-against';
import { isChild, isOlder, isUnderAge } from './age';
import { cautionText } from './caution';
import { openFlags, type Override, type Person, type RangeId } from './person';
import { lockedBy, redFlag } from './red-flag';
import { isInFirstYear } from './training-age';

/** The ranges of a load card. Over 20 reps the load is too light for any goal but conditioning. */
export const ranges: readonly { id: RangeId; low: number; high: number; trains: string }[] = [
  { id: '1-5', low: 1, high: 5, trains: 'strength' },
  { id: '6-7', low: 6, high: 7, trains: 'strength and size' },
  { id: '8-12', low: 8, high: 12, trains: 'muscle size' },
  { id: '13-20', low: 13, high: 20, trains: 'endurance, some size' },
];

export const rangeOf = (reps: number): RangeId =>
  (ranges.find((range) => reps <= range.high) ?? ranges.at(-1)!).id;

/** Why something is not offered, and whether the trainer may open it with a reason. */
export interface Limit {
  why: string;
  /** false: only clearance, or time, opens it. */
  overridable: boolean;
  /** The override that opened it, when there is one. */
  opened: Override | null;
}

/** Whether a limit holds: it is there, and nobody opened it. */
export const isClosed = (limit: Limit | null): limit is Limit =>
  limit !== null && limit.opened === null;

/** Clean sessions in a row that open 6–7 reps. */
const CLEAN_SESSIONS = 3;

const openedBy = (person: Person, liftId: string, range: RangeId | null): Override | null =>
  person.overrides.findLast((each) => each.liftId === liftId && each.range === range) ?? null;

/** What a limit needs to know besides the person. */
export interface LimitContext {
  /** ISO time. */
  now: string;
  /** Main fault of each earlier session of the lift, latest first; null for a clean one. */
  faults: readonly (string | null)[];
}

function flagOn(person: Person, lift: Lift) {
  for (const flag of openFlags(person)) {
    const stress = stressOn(lift, flag.place);
    if (stress) return { flag, stress };
  }
  return null;
}

/** What closes every loaded lift, whatever was planned: a red flag, childhood, screening without clearance. */
export function lockOf(person: Person, lift: Lift, now: string): Limit | null {
  const red = redFlag(person);
  if (red) return { why: lockedBy(red), overridable: false, opened: null };
  if (isChild(person, now)) {
    return { why: 'Under 14: no loaded sets are planned', overridable: false, opened: null };
  }
  if (person.cautions.includes('clearance')) {
    return {
      why: 'Screening: a clinician’s clearance comes before loaded work',
      overridable: true,
      opened: openedBy(person, lift.id, null),
    };
  }
  return null;
}

/**
 * Whether a lift is offered at all: what locks all loaded work, a caution against its position, or an open flag on a
 * joint that it loads, closes it until it is opened the way the limit allows.
 */
export function liftLimit(person: Person, lift: Lift, now: string): Limit | null {
  const lock = lockOf(person, lift, now);
  if (isClosed(lock)) return lock;
  const caution = cautionAgainst(person.cautions, [lift.position]);
  if (caution) {
    return {
      why: `Screening: ${cautionText[caution].toLowerCase()}; this is done ${lift.position}`,
      overridable: true,
      opened: openedBy(person, lift.id, null),
    };
  }
  const found = flagOn(person, lift);
  if (!found) return null;
  const { flag, stress } = found;
  return {
    why: `Loads the ${flag.place} (${stress.how}), which has an open flag`,
    overridable: true,
    opened: openedBy(person, lift.id, null),
  };
}

function lowRepsLimit(person: Person, lift: Lift, now: string): Omit<Limit, 'opened'> | null {
  if (person.cautions.includes('no low reps')) {
    return { why: 'Screening: no sets this heavy until clearance is recorded', overridable: false };
  }
  if (isUnderAge(person, now)) {
    return { why: 'Under 18: lighter loads and more reps', overridable: false };
  }
  const found = flagOn(person, lift);
  if (found) {
    return { why: `An open flag on the ${found.flag.place}, which it loads`, overridable: true };
  }
  if (isInFirstYear(person)) {
    return { why: 'Under 12 months of training', overridable: true };
  }
  return null;
}

function middleRepsLimit(
  person: Person,
  { now, faults }: LimitContext,
): Omit<Limit, 'opened'> | null {
  if (person.cautions.includes('no low reps')) {
    return { why: 'Screening: no sets this heavy until clearance is recorded', overridable: false };
  }
  if (isUnderAge(person, now)) {
    return { why: 'Under 18: lighter loads and more reps', overridable: false };
  }
  if (isOlder(person, now) && isInFirstYear(person)) {
    return { why: 'Over 60 and new to training: more reps first', overridable: true };
  }
  const clean = faults.length >= CLEAN_SESSIONS && faults.slice(0, CLEAN_SESSIONS).every((f) => !f);
  return clean ? null : { why: 'Opens after three clean sessions of this lift', overridable: true };
}

/** The heaviest range does not open before the one above it in reps. */
function afterMiddle(
  person: Person,
  lift: Lift,
  context: LimitContext,
): Omit<Limit, 'opened'> | null {
  const middle = rangeLimit(person, lift, '6-7', context);
  return isClosed(middle)
    ? { why: `After 6–7 reps: ${middle.why.toLowerCase()}`, overridable: middle.overridable }
    : null;
}

/**
 * Whether a rep range is offered for a lift, and why not. 1–5 is closed under 12 months of training, under 18, with
 * an open flag on a joint that the lift loads, or by screening; 6–7 opens with three clean sessions, and 1–5 not before it.
 */
export function rangeLimit(
  person: Person,
  lift: Lift,
  range: RangeId,
  context: LimitContext,
): Limit | null {
  const limit =
    range === '1-5'
      ? (lowRepsLimit(person, lift, context.now) ?? afterMiddle(person, lift, context))
      : range === '6-7'
        ? middleRepsLimit(person, context)
        : null;
  if (!limit) return null;
  return { ...limit, opened: limit.overridable ? openedBy(person, lift.id, range) : null };
}

/** The fewest reps, of these or more, that are offered for a lift. */
export function openReps(person: Person, lift: Lift, reps: number, context: LimitContext): number {
  const range = ranges.find(({ high }) => reps <= high) ?? ranges.at(-1)!;
  if (!isClosed(rangeLimit(person, lift, range.id, context))) return reps;
  const next = ranges[ranges.indexOf(range) + 1];
  return next ? openReps(person, lift, next.low, context) : reps;
}

/** The working range for a lift: what the client prefers where it is open, else the lift's own, beginners at 10 and up. */
export function workingRange(person: Person, lift: Lift, context: LimitContext): RepRange {
  const careful =
    isUnderAge(person, context.now) ||
    (isOlder(person, context.now) && isInFirstYear(person)) ||
    person.cautions.includes('no low reps');
  if (careful || person.preference === 'endurance' || lift.longLever) {
    return { low: Math.max(12, lift.repRange.low), high: Math.max(15, lift.repRange.high) };
  }
  if (person.preference === 'strength' && lift.repRange.low < 10) {
    const open = !isClosed(rangeLimit(person, lift, '6-7', context));
    if (open && !isInFirstYear(person)) return { low: 6, high: 8 };
  }
  return lift.repRange;
}
