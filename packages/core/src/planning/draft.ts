import { askedText, planAsked, type Ahead } from '../block/asked-plan';
import { memoryOf, type ClientHistory } from '../memory/history';
import type { LiftMemory } from '../memory/lift-memory';
import { isNewToTraining } from '../person/training-age';
import { implementKey, type Implement } from '../room/implement';
import { rampRequest, stepsOf } from '../floor/adjust-steps';
import { stressOn } from '../lift/joints';
import type { Lift } from '../lift/lift';
import { isSteady } from '../lift/position';
import { restBetweenWork } from '../lift/rest';
import { chooseImplement } from '../loads/choose-implement';
import { canLoad, loadables } from '../loads/loadables';
import { atOrBelow, lightest } from '../loads/loads';
import { startsCareful } from '../person/careful';
import { madeMs } from '../log/time-of-id';
import { isClosed, liftLimit, lockOf, workingRange } from '../person/limits';
import { openFlags, type Flag, type Person } from '../person/person';
import type { Plate, Room } from '../room/room';
import type { TurnedDown } from '../person/turned-down';
import { isSameDay, type BlockDay } from '../session/block-day';
import {
  rangeWith,
  type LiftPlan,
  type LoadedLift,
  type PlannedLift,
  type Step,
} from '../session/plan';
import { WAY_BACK, type WayBack } from '../session/way-back';
import type { StrengthAnswer, StrengthProfile } from '../strength/profile';
import type { Unit } from '../unit/mass';
import { planRamp } from '../warm-up/ramp/plan-ramp';
import { rampFor } from '../warm-up/ramp/ramp-for';
import { isWarm } from '../warm-up/ramp/warm-muscles';
import { absenceShare } from './absence';
import { decideAgain } from './decide-again';
import { heldCount, loadHold, planHold } from './hold-plan';
import type { ProgrammeLift } from './programme-lift';
import { oneOfEach, turnedDown } from './turned-down';
import { wayBackOf } from './way-back';

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
  /** What the block asks that day, by lift; empty outside of blocks. */
  asked?: ReadonlyMap<string, Ahead>;
  /** The turned-down time that it falls in; absent on ordinary days. */
  turnedDown?: TurnedDown;
}

/** A lift that is left out today, and why. `overridable`: the trainer may open it with a reason. */
export interface ClosedLift {
  liftId: string;
  why: string;
  overridable: boolean;
  /** The lift that stands in for it; absent where none does. */
  standIn?: string;
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

type Found = Pick<LoadedLift, 'why' | 'belief' | 'certainty' | 'climb' | 'again'> & {
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
    ...(ahead && { cell: ahead.cell }),
    loadG: load.loadG,
    focusCueId: entry.firstCueId,
    closed: null,
  };
  const why = bottom
    ? 'The lightest here: a small muscle on a long lever'
    : load.loadG > start
      ? `${grounds}; the lightest there is here`
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
): { plan: LiftPlan; why: string | null } {
  const ahead = input.asked?.get(lift.id);
  if (!ahead || isSameDay(kept.cell, ahead.cell)) return { plan: kept, why: null };
  const { profile, room, unit, person, now } = input;
  const strength = profile.behind(setsBefore(input.asked, lift.id));
  const careful = startsCareful(person, now);
  const loads = loadables(room, implement);
  const plan = planAsked(kept, ahead, { lift, loads, unit, strength, careful });
  return { plan, why: askedText(ahead, plan, unit) };
}

/** A lift on its way back after pain: its share of what is believed, and never above what it was. */
function onTheWay(
  kept: LiftPlan,
  way: WayBack,
  implement: Implement,
  { mean, low, high, certainty }: StrengthAnswer,
  { room }: DraftInput,
): Found | null {
  const wanted = Math.min(kept.loadG, mean * WAY_BACK[way.step]!);
  const loads = loadables(room, implement);
  const load = atOrBelow(loads, wanted) ?? lightest(loads);
  if (!load) return null;
  return {
    plan: { ...kept, implement, loadG: load.loadG, wayBack: way },
    why: `Way back for the ${way.place}, step ${way.step + 1} of ${WAY_BACK.length}: ${Math.round(WAY_BACK[way.step]! * 100)} % of what is believed`,
    belief: { mean, low, high },
    certainty,
    climb: false,
  };
}

function carriedPlan(decided: LiftPlan, entry: ProgrammeLift, input: DraftInput): Found | null {
  const { room, person, profile, now, unit } = input;
  const { lift } = entry;
  const memory = memoryOf(input.history, decided.liftId);
  const days = daysSince(memory.lastDone, now);
  const share = days === null ? 1 : absenceShare(days);
  // The room and the body may have changed since the plan was made: the load is snapped to what is here today.
  const usable = canLoad(room, decided.implement)
    ? implementToday(decided.implement, lift, person)
    : chooseImplement(lift, room, decided.loadG, person.bodyMassG);
  if (!usable) return null;
  const grounds = { lift, memory, person, profile, room, unit, now };
  const { plan: still, again } = decideAgain(decided, usable, grounds);
  const { plan: kept, why: asked } = asPlanned(still, entry, usable, input);
  const answer = profile.loadFor(lift, kept.reps, kept.targetRir);
  const way = wayBackOf(lift, memory, person);
  if (way) return onTheWay(kept, way, usable, answer, input);
  const { mean, low, high, start, certainty } = answer;
  const wanted = share === null ? Math.min(kept.loadG, start) : kept.loadG * share;
  const load = atOrBelow(loadables(room, usable), wanted);
  if (!load) return null;
  const why =
    share === null
      ? `${days} days away: start again from the belief`
      : share < 1
        ? `${days} days away: ${Math.round((1 - share) * 100)} % lighter`
        : (again?.why ?? asked ?? 'As decided last time');
  return {
    plan: {
      ...kept,
      implement: usable,
      loadG: load.loadG,
      reps: share === 1 || kept.cell ? kept.reps : kept.repRange.low,
    },
    why,
    belief: { mean, low, high },
    certainty,
    climb: false,
    ...(again && { again }),
  };
}

function workingSteps(plan: LiftPlan, { restClass }: Lift): Step[] {
  const step: Step = {
    kind: 'working',
    loadG: plan.loadG,
    reps: plan.reps,
    purpose: '',
    restS: restBetweenWork({ ...plan, restClass }),
  };
  return Array.from({ length: plan.sets }, () => step);
}

/** Whether a closed lift may be done again: the trainer recorded clearance, so no flag on its joints is open. */
function stillClosed(plan: LiftPlan | null, lift: Lift, person: Person): string | null {
  if (!plan?.closed) return null;
  return openFlags(person).some((flag) => stressOn(lift, flag.place)) ? plan.closed : null;
}

/**
 * The client with the flags that nobody knew of when a lift was last planned: begun or raised since. With all of them where
 * it never was. What hurt in the lift itself is in its plan: it goes the way back.
 */
function sinceThen(person: Person, { plan, lastDone, decided }: LiftMemory): Person {
  if (!plan) return person;
  const day = lastDone?.slice(0, 10) ?? null;
  const decidedMs = Date.parse(decided?.at ?? lastDone ?? '');
  const isNewer = ({ id, since, place }: Flag) =>
    place !== plan.wayBack?.place &&
    ((since !== null && day !== null && since > day) || madeMs(id) > decidedMs);
  return { ...person, flags: person.flags.filter(isNewer) };
}

/**
 * Why a lift is left out before its load is looked for, or null. A plan that a trainer accepted stands with the flags
 * that were open then; cautions, and flags that are newer, close it all the same.
 */
function closedBy(entry: ProgrammeLift, input: DraftInput): ClosedLift | null {
  const { lift } = entry;
  const memory = memoryOf(input.history, lift.id);
  const kept = memory.plan;
  const lock = lockOf(input.person, lift, input.now);
  if (isClosed(lock)) return { liftId: lift.id, why: lock.why, overridable: lock.overridable };
  const closed = stillClosed(kept, lift, input.person);
  if (closed) return { liftId: lift.id, why: closed, overridable: false };
  const limit = liftLimit(sinceThen(input.person, memory), lift, input.now);
  return isClosed(limit)
    ? { liftId: lift.id, why: limit.why, overridable: limit.overridable }
    : null;
}

/** A lift with its load and reason; null when the room has nothing for it. */
function loadLift(entry: ProgrammeLift, input: DraftInput): LoadedLift | null {
  const { lift } = entry;
  const memory = memoryOf(input.history, lift.id);
  const { plan: kept, lastTime } = memory;
  if (heldCount(lift)) {
    const daysAway = daysSince(memory.lastDone, input.now);
    return loadHold(entry, { person: input.person, room: input.room, memory, daysAway });
  }
  const found = kept
    ? carriedPlan({ ...kept, closed: null }, entry, input)
    : firstPlan(entry, input);
  if (!found) return null;
  const { plan, ...grounds } = found;
  return { ...plan, ...grounds, lastTime };
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
  const working = workingSteps(loaded, lift);
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

/** What stands in for a closed lift, where that is not closed as well. */
function openStandIn({ standIn }: ProgrammeLift, input: DraftInput): ProgrammeLift | null {
  return standIn && !closedBy(standIn, input) ? standIn : null;
}

/** The easier lift that a lift was stepped down to, where that is open; else the lift. */
const steppedDown = (entry: ProgrammeLift, input: DraftInput): ProgrammeLift =>
  entry.steppedDown && !closedBy(entry.steppedDown, input) ? entry.steppedDown : entry;

const withSets = (lift: LoadedLift, { sets }: ProgrammeLift): LoadedLift =>
  sets === undefined ? lift : { ...lift, sets };

const lessToday = (lift: LoadedLift, { turnedDown: less, room }: DraftInput): LoadedLift =>
  less ? turnedDown(lift, loadables(room, lift.implement), less) : lift;

/** Lifts with their loads; those that are closed, or that the room has nothing for, are listed apart with why. */
export function draftLoads(input: DraftInput): LoadsDraft {
  const { block } = input;
  const draft: LoadsDraft = { lifts: [], closed: [], ...(block && { block }) };
  const programme = input.turnedDown ? oneOfEach(steadyFirst(input)) : steadyFirst(input);
  for (const entry of programme) {
    const closed = closedBy(entry, input);
    const doing = closed ? openStandIn(entry, input) : steppedDown(entry, input);
    const found = doing && loadLift(doing, input);
    const standsFor = doing === entry ? {} : { standsFor: entry.lift.id };
    const loaded = found && { ...lessToday(withSets(found, entry), input), ...standsFor };
    const why = `${input.room.name} has nothing to load it with`;
    if (loaded) draft.lifts.push(loaded);
    if (closed || !loaded) {
      const left = closed ?? { liftId: entry.lift.id, why, overridable: false };
      draft.closed.push({ ...left, ...(loaded && { standIn: loaded.liftId }) });
    }
  }
  return draft;
}

const everyLift = ({ programme }: DraftInput): ProgrammeLift[] =>
  programme.flatMap((entry) => [entry, entry.standIn ?? [], entry.steppedDown ?? []].flat());

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
