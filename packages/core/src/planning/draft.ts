import { amid } from '../unit/language';
import { studioDay } from '../unit/days';
import { asked as askedBy, planAsked, type Ahead } from '../block/asked-plan';
import { memoryOf, type ClientHistory } from '../memory/history';
import type { LiftMemory } from '../memory/lift-memory';
import { isNewToTraining } from '../person/training-age';
import { lacking } from '../room/furniture';
import { implementKey, type Implement } from '../room/implement';
import { rampRequest, stepsOf } from '../floor/adjust-steps';
import { stressOn } from '../lift/joints';
import type { Lift } from '../lift/lift';
import { isSteady } from '../lift/position';
import { restBetweenWork } from '../lift/rest';
import { canBeDone, chooseImplement } from '../loads/choose-implement';
import { canLoad, loadables } from '../loads/loadables';
import { atOrBelow, lightest, nearest, type Loads } from '../loads/loads';
import { startsCareful } from '../person/careful';
import { madeMs } from '../log/time-of-id';
import { degreeOf } from '../person/flag-degree';
import { flagsOn, liftLimit, sideLeft, spotText, workingRange } from '../person/limits';
import { isClosed, type Limit } from '../person/limit';
import { lockOf } from '../person/lock';
import { openFlags, type Flag, type Person } from '../person/person';
import type { Plate, Room } from '../room/room';
import type { TurnedDown } from '../person/turned-down';
import { isAgeUnknown, isUnderAge } from '../person/age';
import { isSameDay, type BlockDay } from '../session/block-day';
import { easedLoad, underCeiling, type Ceiling } from '../session/ceiling';
import {
  rangeWith,
  type LiftPlan,
  type LoadedLift,
  type PlannedLift,
  type Step,
} from '../session/plan';
import { onTheWay as wayWhy, shareOfStep, stepToday, type WayBack } from '../session/way-back';
import type { StrengthAnswer, StrengthProfile } from '../strength/profile';
import type { Unit } from '../unit/mass';
import type { StoredWhy, Why } from '../words/why';
import { planRamp } from '../warm-up/ramp/plan-ramp';
import { rampFor } from '../warm-up/ramp/ramp-for';
import { isWarm } from '../warm-up/ramp/warm-muscles';
import { absenceShare, isFoundAgain } from './absence';
import { decideAgain } from './decide-again';
import { inArrangedOrder, onArrangedBar, type Arranged } from './hour/arranged';
import { heldCount, loadHold, planHold } from './hold-plan';
import type { ProgrammeLift } from './programme-lift';
import { oneOfEach, turnedDown } from './turned-down';
import { wayBackOf } from './way-back';
import { withinLimits } from '../block/within-limits';

/** All that a session is drafted from. */
export interface DraftInput {
  programme: readonly ProgrammeLift[];
  person: Person;
  profile: StrengthProfile;
  /** What earlier sessions left of each lift. */
  history: Pick<ClientHistory, 'lifts'>;
  room: Room;
  unit: Unit;
  /** ISO time. */
  now: string;
  /** The day of a block that the session does; absent outside of blocks. */
  block?: BlockDay;
  /** What the block asks that day, or one that is through hands over, by lift; absent where neither does. */
  asked?: ReadonlyMap<string, Ahead>;
  /** The turned-down time that it falls in; absent on ordinary days. */
  turnedDown?: TurnedDown;
  /** How it gives way to others of its hour; absent where it does not. */
  arranged?: Arranged;
}

/** A lift that is left out today, and why. `overridable`: the trainer may open it with a reason. */
export interface ClosedLift {
  liftId: string;
  why: StoredWhy;
  overridable: boolean;
  /** The lift that stands in for it; absent where none does. */
  standIn?: string;
  /** What an opening by the trainer would answer; absent where nothing does. */
  from?: Limit['from'];
}

/** The lifts of a session with their loads, and those that are left out. */
export interface LoadsDraft<T extends LoadedLift = LoadedLift> {
  lifts: T[];
  closed: ClosedLift[];
  /** The day of a block that it does; absent outside of blocks. */
  block?: BlockDay;
}

/** The same with ramps: what a session starts with. */
export type Draft = LoadsDraft<PlannedLift>;

const DAY_MS = 24 * 3600 * 1000;
const SETS = 3;
/** A load that is hardly above its share keeps its reps. */
const REP_GIVES = 0.4;
/** Reserve that a first exposure to a lift asks for, and that others do. */
const FIRST_RIR = 3;
const USUAL_RIR = 2;

/** Reserve to leave in a lift whose load is known. */
export const usualRir = (person: Person, now: string): number =>
  isNewToTraining(person) || startsCareful(person, now) ? FIRST_RIR : USUAL_RIR;

/** Whole days since an ISO time, or null when it never was. */
function daysSince(last: string | null, now: string): number | null {
  return last === null ? null : Math.floor((Date.parse(now) - Date.parse(last)) / DAY_MS);
}

type Found = Pick<LoadedLift, 'why' | 'belief' | 'certainty' | 'climb' | 'again' | 'ceiling'> & {
  plan: LiftPlan;
};

/** A plan for a lift without one: the conservative start, and a climb from it where the lift has no evidence. */
function firstPlan(entry: ProgrammeLift, input: DraftInput): Found | null {
  const { lift } = entry;
  const { person, room, now } = input;
  const context = { now, faults: memoryOf(input.history, lift.id).faults };
  const repRange = workingRange(person, lift, context);
  const ahead = input.asked?.get(lift.id);
  const reps = ahead?.ask.reps ?? repRange.low;
  const asked = (rir: number) => input.profile.loadFor(lift, reps, rir);
  const known = asked(USUAL_RIR).certainty === 'known';
  const targetRir = known ? usualRir(person, now) : FIRST_RIR;
  const { mean, low, high, start, certainty, why: grounds } = asked(targetRir);
  const implement = chooseImplement(lift, room, start, person.bodyMassG);
  if (!implement) return null;
  const loads = loadables(room, implement);
  // Long levers start at the bottom of the rack: pride, not weakness, is the risk there.
  const bottom = lift.longLever && !known;
  const load = bottom ? lightest(loads) : atOrBelow(loads, start);
  if (!load) return null;
  const plan: LiftPlan = {
    liftId: lift.id,
    styleId: entry.styleId,
    implement,
    repRange: rangeWith(repRange, reps),
    reps,
    targetRir,
    sets: ahead?.ask.sets ?? SETS,
    ...(ahead?.cell && { cell: ahead.cell }),
    loadG: load.loadG,
    focusCueId: entry.firstCueId,
    closed: null,
  };
  const why: StoredWhy = bottom
    ? { code: 'bottom-of-rack' }
    : load.loadG > start
      ? { code: 'lightest-there-is', why: grounds }
      : grounds;
  return { plan, why, belief: { mean, low, high }, certainty, climb: !known };
}

/** What a body lifts today, where the body is what is loaded. */
function implementToday(implement: Implement, lift: Lift, { bodyMassG }: Person): Implement {
  if (implement.kind === 'assisted') return { ...implement, bodyG: bodyMassG };
  if (implement.kind !== 'body') return implement;
  return { ...implement, bodyG: Math.round(lift.bodyShare * bodyMassG) };
}

/** Working sets that a day of a block asks before a lift. */
function setsBefore(asked: DraftInput['asked'], liftId: string): number {
  const all = [...(asked ?? [])];
  const place = all.findIndex(([id]) => id === liftId);
  return all.slice(0, Math.max(0, place)).reduce((sum, [, { ask }]) => sum + ask.sets, 0);
}

/** What a kept plan asks on this day of a block, where it was not decided for it; as it is outside of one. */
function asPlanned(
  kept: LiftPlan,
  { lift }: ProgrammeLift,
  implement: Implement,
  input: DraftInput,
): { plan: LiftPlan; why: Why | null } {
  const ahead = input.asked?.get(lift.id);
  if (!ahead || (ahead.cell && isSameDay(kept.cell, ahead.cell))) return { plan: kept, why: null };
  const { profile, room, person, now } = input;
  const strength = profile.behind(setsBefore(input.asked, lift.id));
  const careful = startsCareful(person, now);
  const loads = loadables(room, implement);
  const plan = planAsked(kept, ahead, { lift, loads, strength, careful });
  return { plan, why: askedBy(ahead, plan) };
}

/** A lift on its way back after pain: its share of what is believed, and never above what it was. */
function onTheWay(
  kept: LiftPlan,
  way: WayBack,
  implement: Implement,
  { mean, low, high, certainty }: StrengthAnswer,
  { room }: DraftInput,
  share: number,
): Found | null {
  const part = shareOfStep(way.step);
  const whole = part === 1;
  const wanted = Math.min(kept.loadG, whole ? kept.loadG : mean * part) * share;
  const loads = loadables(room, implement);
  const load = atOrBelow(loads, wanted) ?? lightest(loads);
  if (!load) return null;
  return {
    plan: { ...kept, implement, loadG: load.loadG, wayBack: way },
    why: wayWhy(way),
    belief: { mean, low, high },
    certainty,
    climb: false,
    ...(!whole && { ceiling: { loadG: load.loadG, reason: 'way back' as const } }),
  };
}

/**
 * A plan after `days` without the lift: the load of this room that is nearest to its share, at or below it where the lift is
 * found again after long. Where the rack is too coarse for that, fewer reps make up for it. What is found again climbs from
 * there to what it was, and no further.
 */
function afterAbsence(kept: LiftPlan, days: number, loads: Loads, lift: Lift) {
  const wanted = kept.loadG * absenceShare(days);
  const climb = isFoundAgain(days);
  const load = climb ? (atOrBelow(loads, wanted) ?? lightest(loads)) : nearest(loads, wanted);
  const loadG = Math.min(kept.loadG, load?.loadG ?? kept.loadG);
  const k = lift.repConstant;
  const asMuch = Math.floor((wanted * (k + kept.reps)) / Math.max(1, loadG) - k + REP_GIVES);
  const reps = Math.min(kept.reps, Math.max(Math.min(kept.reps, kept.repRange.low), asMuch));
  const plan = { ...kept, loadG, reps };
  if (climb) {
    const ceiling: Ceiling = { loadG: kept.loadG, reason: 'absence' };
    const targetRir = Math.max(kept.targetRir, FIRST_RIR);
    const why: Why = { code: 'away-found-again', days };
    return { plan: { ...plan, targetRir }, climb, ceiling, why };
  }
  const percent = Math.round(100 * (1 - loadG / Math.max(1, kept.loadG)));
  const ceiling: Ceiling = { loadG, reason: 'absence' };
  const why: Why = { code: 'away-less', days, percent, fewer: kept.reps - reps };
  return { plan, climb, ceiling, why };
}

function carriedPlan(decided: LiftPlan, entry: ProgrammeLift, input: DraftInput): Found | null {
  const { room, person, profile, now } = input;
  const { lift } = entry;
  const memory = memoryOf(input.history, decided.liftId);
  const days = daysSince(memory.lastDone, now) ?? 0;
  const away = absenceShare(days) < 1;
  // The room and the body may have changed since the plan was made: the load is snapped to what is here today.
  const usable = canLoad(room, decided.implement)
    ? implementToday(decided.implement, lift, person)
    : chooseImplement(lift, room, decided.loadG, person.bodyMassG);
  if (!usable) return null;
  // Time away has a rule of its own, which the doubt that time brings must not undo.
  const grounds = { lift, memory, person, profile, room, now, away };
  const { plan: still, again } = decideAgain(decided, usable, grounds);
  const { plan: kept, why: asked } = asPlanned(still, entry, usable, input);
  const answer = profile.loadFor(lift, kept.reps, kept.targetRir);
  const begun = wayBackOf(lift, memory, person);
  const way = begun && stepToday(begun, now);
  if (way) return onTheWay(kept, way, usable, answer, input, absenceShare(days));
  const { mean, low, high, certainty } = answer;
  const loads = loadables(room, usable);
  const belief = { mean, low, high };
  if (away) {
    const { plan, ...rest } = afterAbsence(kept, days, loads, lift);
    return { plan: { ...plan, implement: usable }, belief, certainty, ...rest };
  }
  const load = atOrBelow(loads, kept.loadG);
  if (!load) return null;
  return {
    plan: { ...kept, implement: usable, loadG: load.loadG },
    // What a block asks, or hands over, is asked after whatever was decided again.
    why: asked ?? again?.why ?? { code: 'as-decided' },
    belief,
    certainty,
    climb: false,
    ...(again && { again }),
  };
}

/** How much longer rests are for who needs long ones. */
const LONG_REST = 1.5;

function workingSteps(plan: LiftPlan, { restClass }: Lift, { cautions }: Person): Step[] {
  const step: Step = {
    kind: 'working',
    loadG: plan.loadG,
    reps: plan.reps,
    purpose: '',
    restS: Math.round(
      restBetweenWork({ ...plan, restClass }) * (cautions.includes('long rests') ? LONG_REST : 1),
    ),
  };
  return Array.from({ length: plan.sets }, () => step);
}

/** Whether a closed lift may be done again: the trainer recorded clearance, so no flag on its joints is open. */
function stillClosed(plan: LiftPlan | null, lift: Lift, person: Person): StoredWhy | null {
  if (!plan?.closed) return null;
  return openFlags(person).some((flag) => stressOn(lift, flag.place)) ? plan.closed : null;
}

/**
 * The client without the flags from before degrees were kept that stood when a lift was last planned: a plan that a trainer
 * accepted then stands with them. What hurt in the lift itself is in its plan: it goes the way back.
 */
function sinceThen(person: Person, { plan, lastDone, decided }: LiftMemory): Person {
  if (!plan) return person;
  const day = lastDone === null ? null : studioDay(lastDone);
  const decidedMs = Date.parse(decided?.at ?? lastDone ?? '');
  const isNewer = ({ id, since, place }: Flag) =>
    place !== plan.wayBack?.place &&
    ((since !== null && day !== null && since > day) || madeMs(id) > decidedMs);
  const holds = (flag: Flag) => flag.degree !== undefined || isNewer(flag);
  return { ...person, flags: person.flags.filter(holds) };
}

/** Why a lift is left out before its load is looked for, or null: a lock, a plan that pain closed, a caution, a flag. */
function closedBy(entry: ProgrammeLift, input: DraftInput): ClosedLift | null {
  const { lift } = entry;
  const memory = memoryOf(input.history, lift.id);
  const leftOut = ({ why, overridable, from }: Limit): ClosedLift => ({
    liftId: lift.id,
    why,
    overridable,
    ...(from && { from }),
  });
  const lock = lockOf(input.person, input.now);
  if (isClosed(lock)) return leftOut(lock);
  const closed = stillClosed(memory.plan, lift, input.person);
  if (closed) return { liftId: lift.id, why: closed, overridable: false };
  const limit = liftLimit(sinceThen(input.person, memory), lift, input.now);
  return isClosed(limit) ? leftOut(limit) : null;
}

/** What a room has nothing for, and what it lacks. */
function leftOutHere({ lift }: ProgrammeLift, { room }: DraftInput): ClosedLift {
  const lacks = lacking(lift, room);
  const why: Why =
    lacks.length > 0
      ? { code: 'nothing-to-do-it-at', room: room.name, lacks }
      : { code: 'nothing-to-load', room: room.name };
  return { liftId: lift.id, why, overridable: false };
}

/** Why a lift is left out today: what closes it to the client, else that the room has nothing for it; null when nothing does. */
function shutBy(entry: ProgrammeLift, input: DraftInput): ClosedLift | null {
  const closed = closedBy(entry, input);
  if (closed) return closed;
  const { room, person } = input;
  return canBeDone(entry.lift, room, person.bodyMassG) ? null : leftOutHere(entry, input);
}

/** A lift with its load and reason; null when the room has nothing for it. */
function loadLift(entry: ProgrammeLift, input: DraftInput): LoadedLift | null {
  const { lift } = entry;
  const memory = memoryOf(input.history, lift.id);
  const { plan: kept, lastTime } = memory;
  if (heldCount(lift)) {
    const daysAway = daysSince(memory.lastDone, input.now);
    const { person, room, now } = input;
    return loadHold(entry, { person, room, memory, daysAway, now });
  }
  const found = kept
    ? carriedPlan({ ...kept, closed: null }, entry, input)
    : firstPlan(entry, input);
  if (!found) return null;
  const { plan: usual, ...grounds } = found;
  const plan = onArrangedBar(usual, input.arranged, input.room);
  const loads = loadables(input.room, plan.implement);
  const { person, profile: strength, now } = input;
  const limits = { person, lift, loads, strength, now, faults: memory.faults };
  return bound({ ...withinLimits(plan, limits), ...grounds, lastTime }, lift, loads, input);
}

/** A lift as a flag eases it: lighter, and no more than that until the flag has gone. */
function eased(loaded: LoadedLift, lift: Lift, loads: Loads, { person }: DraftInput): LoadedLift {
  // What is on its way back is lighter already.
  if (loaded.wayBack) return loaded;
  const found = flagsOn(person, lift).find(({ flag }) => degreeOf(flag) === 'ease');
  if (!found) return loaded;
  const loadG = easedLoad(loads, loaded.loadG);
  const { place } = found.flag;
  const eases = { spot: spotText(found.flag), how: found.stress.how };
  return {
    ...loaded,
    loadG,
    eased: { loadG: loaded.loadG, place },
    ceiling: { loadG, reason: 'flag' },
    why: { code: 'eased-for', ...eases, why: loaded.why },
  };
}

/** A lift that the trainer opened says so, with the reason and what it was opened in spite of. */
function saidOpened(loaded: LoadedLift, lift: Lift, { person, now }: DraftInput): LoadedLift {
  const limit = liftLimit(person, lift, now);
  if (!limit?.opened) return loaded;
  const { reason } = limit.opened;
  return { ...loaded, why: { code: 'opened', reason, limit: limit.why, why: loaded.why } };
}

/** What binds a lift today besides its load: a flag that eases it, the one side that is left, and its ceiling. */
function bound(loaded: LoadedLift, lift: Lift, loads: Loads, input: DraftInput): LoadedLift {
  const { person, now, asked } = input;
  const lighter = saidOpened(eased(loaded, lift, loads, input), lift, input);
  const side = sideLeft(person, lift);
  const low = side ? { ...lighter, onlySide: side } : lighter;
  const { loadG } = low;
  const isLight = (asked?.get(lift.id)?.ask.share ?? 1) < 1;
  if (isLight) return underCeiling(low, { loadG, reason: 'light day' }, loads);
  // A weight that is still looked for has to be found.
  if (low.climb) return low;
  if (
    person.cautions.includes('no low reps') ||
    person.cautions.includes('careful after clearance')
  )
    return underCeiling(low, { loadG, reason: 'clearance' }, loads);
  const reason = isUnderAge(person, now) ? 'minor' : isAgeUnknown(person) ? 'age unknown' : null;
  return reason ? underCeiling(low, { loadG, reason }, loads) : low;
}

/** A loaded lift with its ramp, planned from the plates that stand on its implement. */
function withRamp(
  loaded: LoadedLift,
  lift: Lift,
  input: DraftInput,
  warm: boolean,
  standing: readonly Plate[],
): PlannedLift {
  if (loaded.counted) return planHold(loaded, lift);
  const { person, room, unit } = input;
  const setting = rampFor(person, lift, loaded.reps, warm, memoryOf(input.history, lift.id).habit);
  const { kind: ramp, primer, reasons: rampReasons } = setting;
  const working = workingSteps(loaded, lift, person);
  // The first set of a climb is light enough to be its own warm-up.
  if (loaded.climb) return { ...loaded, ramp, primer, rampReasons, steps: working };
  const request = rampRequest(loaded, setting, { lift, room, unit, standing });
  return { ...loaded, ramp, primer, rampReasons, steps: stepsOf(planRamp(request), working) };
}

/** A lift as a session takes it in: load, ramp, steps and reason; null when the room has nothing for it. */
export function planLift(
  entry: ProgrammeLift,
  input: DraftInput,
  warm: boolean,
  standing: readonly Plate[] = [],
): PlannedLift | null {
  const loaded = loadLift(entry, input);
  return loaded && withRamp(loaded, entry.lift, input, warm, standing);
}

/** The programme in the order for this client: seated or supported lifts first for who changes position slowly. */
function steadyFirst({ programme, person }: DraftInput): readonly ProgrammeLift[] {
  if (!person.cautions.includes('slow changes')) return programme;
  const last = ({ lift }: ProgrammeLift) => (isSteady(lift.position) ? 0 : 1);
  return [...programme].sort((a, b) => last(a) - last(b));
}

/** From this chance on that the fewest reps can be done, a lift is light enough. */
const CAN = 0.4;

/** Whether the lightest load there is here, or the body, is believed too heavy for the lift's fewest reps. */
function isTooHeavy(loaded: LoadedLift, { lift }: ProgrammeLift, input: DraftInput): boolean {
  if (loaded.counted || memoryOf(input.history, lift.id).decided?.own) return false;
  const least = lightest(loadables(input.room, loaded.implement));
  if (!least || least.loadG < loaded.loadG) return false;
  const outlook = input.profile.outlook(lift, 0, 'another');
  return outlook.atLeast(loaded.loadG, loaded.repRange.low, 0) < CAN;
}

/** A lift with its load, or, where nothing here is light enough for it, the first easier one that something is. */
function lightEnough(
  entry: ProgrammeLift,
  input: DraftInput,
): { doing: ProgrammeLift; loaded: LoadedLift } | null {
  const loaded = loadLift(entry, input);
  if (!loaded) return null;
  if (!isTooHeavy(loaded, entry, input)) return { doing: entry, loaded };
  const { easier } = entry;
  const found = easier && !shutBy(easier, input) ? lightEnough(easier, input) : null;
  if (!found) return { doing: entry, loaded };
  const why: Why = {
    code: 'nothing-light-enough',
    lift: amid(entry.lift.name),
    why: found.loaded.why,
  };
  return { doing: found.doing, loaded: { ...found.loaded, why } };
}

/** What stands in for a closed lift, where that is not closed as well. */
function openStandIn({ standIn }: ProgrammeLift, input: DraftInput): ProgrammeLift | null {
  return standIn && !shutBy(standIn, input) ? standIn : null;
}

/** The easier lift that a lift was stepped down to, where that is open; else the lift. */
const steppedDown = (entry: ProgrammeLift, input: DraftInput): ProgrammeLift =>
  entry.steppedDown && !shutBy(entry.steppedDown, input) ? entry.steppedDown : entry;

const withSets = (lift: LoadedLift, { sets }: ProgrammeLift): LoadedLift =>
  sets === undefined ? lift : { ...lift, sets };

function lessToday(lift: LoadedLift, { turnedDown: less, room }: DraftInput): LoadedLift {
  if (!less) return lift;
  const loads = loadables(room, lift.implement);
  const down = turnedDown(lift, loads, less);
  return underCeiling(down, { loadG: down.loadG, reason: 'lighter week' }, loads);
}

/** Lifts with their loads; those that are closed, or that the room has nothing for, are listed apart with why. */
export function draftLoads(input: DraftInput): LoadsDraft {
  const { block } = input;
  const draft: LoadsDraft = { lifts: [], closed: [], ...(block && { block }) };
  const programme = input.turnedDown ? oneOfEach(steadyFirst(input)) : steadyFirst(input);
  for (const entry of inArrangedOrder(programme, input.arranged, ({ lift }) => lift.id)) {
    const closed = shutBy(entry, input);
    const chosen = closed ? openStandIn(entry, input) : steppedDown(entry, input);
    const found = chosen && lightEnough(chosen, input);
    const standsFor = found?.doing === entry ? {} : { standsFor: entry.lift.id };
    const loaded = found && { ...lessToday(withSets(found.loaded, entry), input), ...standsFor };
    if (loaded) draft.lifts.push(loaded);
    if (closed || !loaded) {
      const left = closed ?? leftOutHere(entry, input);
      draft.closed.push({ ...left, ...(loaded && { standIn: loaded.liftId }) });
    }
  }
  return draft;
}

const withOthers = (entry: ProgrammeLift): ProgrammeLift[] => [
  entry,
  ...[entry.standIn, entry.steppedDown, entry.easier].flatMap((other) =>
    other ? withOthers(other) : [],
  ),
];

const everyLift = ({ programme }: DraftInput): ProgrammeLift[] => programme.flatMap(withOthers);

/** The plates that a lift's last step leaves on its implement. */
function leftOn(lift: PlannedLift, room: Room): Plate[] {
  const ids = lift.steps.at(-1)?.plates ?? [];
  return ids.flatMap((id) => room.plates.find((plate) => plate.id === id) ?? []);
}

/**
 * Today's session from what is known: each lift with a load that exists, its ramp and its reason. Muscles that an
 * earlier lift warmed shorten a ramp, and a bar used again is loaded from what the earlier lift leaves on it.
 */
export function draftSession(input: DraftInput): Draft {
  const { lifts: loaded, ...rest } = draftLoads(input);
  const lifts: PlannedLift[] = [];
  const before: Lift[] = [];
  const standing = new Map<string, Plate[]>();
  for (const each of loaded) {
    const { lift } = everyLift(input).find((entry) => entry.lift.id === each.liftId)!;
    const key = implementKey(each.implement);
    const planned = withRamp(each, lift, input, isWarm(lift, before), standing.get(key) ?? []);
    standing.set(key, leftOn(planned, input.room));
    lifts.push(planned);
    before.push(lift);
  }
  return { lifts, ...rest };
}
