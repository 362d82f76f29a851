import { stressOn, type Stress } from '../lift/joints';
import type { Lift, RepRange } from '../lift/lift';
import type { Caution } from './caution';
import { cautionAgainst } from './caution-against';
import { isAgeUnknown, isOlder, isUnderAge } from './age';
import { coversDegree, degreeOf, meets } from './flag-degree';
import { isClosed, type Limit } from './limit';
import { lockOf } from './lock';
import { openFlags, type Flag, type Override, type Person, type RangeId } from './person';
import { madeMs } from '../log/time-of-id';
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

/** Clean sessions in a row that open 6–7 reps. */
const CLEAN_SESSIONS = 3;

const openedRange = (person: Person, liftId: string, range: RangeId): Override | null =>
  person.overrides.findLast((each) => each.liftId === liftId && each.range === range) ?? null;

/** Whether an opening is of before it was kept what it answers. */
const isOfOld = ({ flagId, caution }: Override) => flagId === undefined && caution === undefined;

/** An opening of old answers the flags that stood when it was given, and no later one. */
const stoodThen = (flag: Flag, { at }: Override) => !(madeMs(flag.id) > Date.parse(at));

/** The opening of a lift that answers a flag at the degree that it has now; null where nobody opened it. */
function openedForFlag(person: Person, liftId: string, flag: Flag): Override | null {
  const answers = (each: Override) =>
    isOfOld(each)
      ? stoodThen(flag, each)
      : each.flagId === flag.id && coversDegree(degreeOf(each), degreeOf(flag));
  const own = person.overrides.filter((each) => each.liftId === liftId && each.range === null);
  return own.findLast(answers) ?? null;
}

function openedForCaution(person: Person, liftId: string, caution: Caution): Override | null {
  const own = person.overrides.filter((each) => each.liftId === liftId && each.range === null);
  return own.findLast((each) => isOfOld(each) || each.caution === caution) ?? null;
}

/** What a limit needs to know besides the person. */
export interface LimitContext {
  /** ISO time. */
  now: string;
  /** Main fault of each earlier session of the lift, latest first; null for a clean one. */
  faults: readonly (string | null)[];
}

/** A flag on a joint that a lift loads, and how it loads it. */
export interface FlagOnLift {
  flag: Flag;
  stress: Stress;
}

/** The open flags on joints that a lift loads. */
export function flagsOn(person: Pick<Person, 'flags'>, lift: Lift): FlagOnLift[] {
  return openFlags(person).flatMap((flag) => {
    const stress = stressOn(lift, flag.place);
    return stress ? [{ flag, stress }] : [];
  });
}

/** The flags that close a lift, before anybody opened it. */
const closing = (person: Person, lift: Lift) =>
  flagsOn(person, lift).filter(({ flag }) => degreeOf(flag) === 'closed');

const oneSide = ({ flag: { side } }: FlagOnLift) => side === 'left' || side === 'right';

/**
 * Whether a lift done one side after the other can still be done on the side that no flag closes. A lunge bends the other leg
 * as well, so it cannot.
 */
const goodSideLeft = (lift: Lift, flags: readonly FlagOnLift[]): boolean =>
  lift.oneSided === true &&
  lift.pattern !== 'lunge' &&
  flags.every(oneSide) &&
  flags.every(({ flag }) => meets(flag.side, flags[0]!.flag.side));

/** The side that a one-sided lift is left with by flags that close it for the other; null where both are done. */
export function sideLeft(person: Person, lift: Lift): 'left' | 'right' | null {
  const flags = closing(person, lift).filter(
    ({ flag }) => openedForFlag(person, lift.id, flag) === null,
  );
  const [first] = flags;
  if (!first || !goodSideLeft(lift, flags)) return null;
  return first.flag.side === 'left' ? 'right' : 'left';
}

/**
 * Whether a lift is offered at all: what locks all loaded work, a caution against its position, or an open flag on a
 * joint that it loads, closes it until it is opened the way the limit allows.
 */
export function liftLimit(person: Person, lift: Lift, now: string): Limit | null {
  const lock = lockOf(person, now);
  if (isClosed(lock)) return lock;
  const caution = cautionAgainst(person.cautions, [lift.position]);
  if (caution) {
    return {
      why: { code: 'caution-against', caution, position: lift.position },
      overridable: true,
      opened: openedForCaution(person, lift.id, caution),
      from: { caution },
    };
  }
  const flags = closing(person, lift);
  if (flags.length === 0 || goodSideLeft(lift, flags)) return null;
  const limits = flags.map(({ flag, stress }): Limit => ({
    why: { code: 'loads-flagged', spot: spotText(flag), how: stress.how },
    overridable: true,
    opened: openedForFlag(person, lift.id, flag),
    from: { flagId: flag.id, degree: degreeOf(flag) },
  }));
  // Each flag is answered by an opening of its own: one that nobody opened holds.
  return limits.find(isClosed) ?? limits[0]!;
}

/** A place with its side, as one says it. */
export const spotText = ({ place, side }: Pick<Flag, 'place' | 'side'>): string =>
  side === 'left' || side === 'right' ? `${side} ${place}` : place;

/** Sessions of a lift that went well after a clearance before its careful start is over. */
const CAREFUL_SESSIONS = 4;

/** Whether what was cleared is still begun with carefully in a lift. */
function isCarefulYet({ cautions }: Person, faults: LimitContext['faults']): boolean {
  const well = faults.slice(0, CAREFUL_SESSIONS).filter((fault) => fault === null).length;
  return cautions.includes('careful after clearance') && well < CAREFUL_SESSIONS;
}

const CAREFUL = {
  why: { code: 'cleared-careful' },
  overridable: false,
} as const;

/** Heavy sets are closed under 18, and while nobody knows the age. */
function youngLimit(person: Person, now: string): Omit<Limit, 'opened'> | null {
  if (isAgeUnknown(person)) {
    return { why: { code: 'no-birth-date' }, overridable: false };
  }
  if (!isUnderAge(person, now)) return null;
  return { why: { code: 'under-18' }, overridable: false };
}

function lowRepsLimit(
  person: Person,
  lift: Lift,
  { now, faults }: LimitContext,
): Omit<Limit, 'opened'> | null {
  if (isCarefulYet(person, faults)) return CAREFUL;
  if (person.cautions.includes('no low reps')) {
    return { why: { code: 'not-this-heavy' }, overridable: false };
  }
  const young = youngLimit(person, now);
  if (young) return young;
  const found = flagsOn(person, lift).find(({ flag }) => degreeOf(flag) !== 'watch');
  if (found) {
    return { why: { code: 'flag-on-place', place: found.flag.place }, overridable: true };
  }
  if (isInFirstYear(person)) {
    return { why: { code: 'first-year' }, overridable: true };
  }
  return null;
}

function middleRepsLimit(
  person: Person,
  { now, faults }: LimitContext,
): Omit<Limit, 'opened'> | null {
  if (isCarefulYet(person, faults)) return CAREFUL;
  if (person.cautions.includes('no low reps')) {
    return { why: { code: 'not-this-heavy' }, overridable: false };
  }
  const young = youngLimit(person, now);
  if (young) return young;
  if (isOlder(person, now) && isInFirstYear(person)) {
    return { why: { code: 'older-and-new' }, overridable: true };
  }
  const clean = faults.length >= CLEAN_SESSIONS && faults.slice(0, CLEAN_SESSIONS).every((f) => !f);
  return clean ? null : { why: { code: 'three-clean-first' }, overridable: true };
}

/** The heaviest range does not open before the one above it in reps. */
function afterMiddle(
  person: Person,
  lift: Lift,
  context: LimitContext,
): Omit<Limit, 'opened'> | null {
  const middle = rangeLimit(person, lift, '6-7', context);
  return isClosed(middle)
    ? { why: { code: 'after-middle-reps', why: middle.why }, overridable: middle.overridable }
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
      ? (lowRepsLimit(person, lift, context) ?? afterMiddle(person, lift, context))
      : range === '6-7'
        ? middleRepsLimit(person, context)
        : null;
  if (!limit) return null;
  return { ...limit, opened: limit.overridable ? openedRange(person, lift.id, range) : null };
}

/** The fewest reps, of these or more, that are offered for a lift. */
export function openReps(person: Person, lift: Lift, reps: number, context: LimitContext): number {
  const range = ranges.find(({ high }) => reps <= high) ?? ranges.at(-1)!;
  if (!isClosed(rangeLimit(person, lift, range.id, context))) return reps;
  const next = ranges[ranges.indexOf(range) + 1];
  return next ? openReps(person, lift, next.low, context) : reps;
}

/** Fewest reps of those who lift lighter for more of them: under 18 or of unknown age, older and new, until clearance. */
const MANY = 12;

/** Whether somebody lifts lighter, for more reps, whatever a plan would have. */
export const manyReps = (person: Person, now: string): boolean =>
  isUnderAge(person, now) ||
  isAgeUnknown(person) ||
  (isOlder(person, now) && isInFirstYear(person)) ||
  person.cautions.includes('no low reps');

/** The fewest reps, of these or more, that any plan may ask of a lift: what is open, and more for who lifts lighter. */
export function leastReps(person: Person, lift: Lift, reps: number, context: LimitContext): number {
  const open = openReps(person, lift, reps, context);
  return manyReps(person, context.now) ? Math.max(open, MANY, lift.repRange.low) : open;
}

/** The working range for a lift: what the client prefers where it is open, else the lift's own, beginners at 10 and up. */
export function workingRange(person: Person, lift: Lift, context: LimitContext): RepRange {
  if (manyReps(person, context.now) || person.preference === 'endurance' || lift.longLever) {
    return { low: Math.max(MANY, lift.repRange.low), high: Math.max(15, lift.repRange.high) };
  }
  if (person.preference === 'strength' && lift.repRange.low < 10) {
    const open = !isClosed(rangeLimit(person, lift, '6-7', context));
    if (open && !isInFirstYear(person)) return { low: 6, high: 8 };
  }
  return lift.repRange;
}
