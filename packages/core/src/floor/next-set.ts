import { OPEN_RESERVE } from '../unit/reserve';
import type { Lift } from '../lift/lift';
import { atOrBelow, stepDown, stepUp, type Loads } from '../loads/loads';
import { ofNearLoads, rangeHere } from '../loads/near-loads';
import { madeMs } from '../log/time-of-id';
import { coversDegree, degreeOf } from '../person/flag-degree';
import { flagsOn, type FlagOnLift } from '../person/limits';
import type { Flag } from '../person/person';
import { lockedBy, redFlag } from '../person/red-flag';
import type { Loadable } from '../room/implement';
import { allowedLoad, stays } from '../session/ceiling';
import { AFTER_SAFETY_FAULT, isUnclean } from '../session/clean';
import type { Step } from '../session/plan';
import { countedSets, nextStepIndex, type LiftState, type LoggedSet } from '../session/state';
import type { Outlook } from '../strength/outlook';
import type { StrengthProfile } from '../strength/profile';
import { heavierThanOpen } from '../strength/shown';
import {
  aimHere,
  bestReps,
  chances,
  choose,
  isDear,
  LEAVE,
  worthOf,
  type Aim,
  type BestSet,
} from '../strength/worth';
import type { Unit } from '../unit/mass';
import { allOf, type StoredWhy, type Why } from '../words/why';
import type { DoneSet } from '../words/row';
import { nextHold } from './next-hold';
import { painStop, type Stop } from './pain-stop';
import { isSlip } from './slip';

/** What the proposal is drawn from besides the log. */
export interface FloorContext {
  lift: Lift;
  loads: Loads;
  unit: Unit;
  flags: readonly Flag[];
  /** Ids of the faults that stop a set. */
  safetyFaults: readonly string[];
  /** What is believed of the client with today's sets taken in. */
  strength: StrengthProfile;
  /** The client starts careful: a set that fails costs more. */
  careful: boolean;
  /** When the session began (ISO): flags raised since are asked about. */
  since: string;
}

/** The set to do next. `step` is its index among the lift's steps. */
export type NextSet =
  | {
      kind: 'step';
      step: number;
      set: Step;
      change: Change;
      why: StoredWhy;
      restLonger: boolean;
      /** A flag raised since the session began, which is to be met before the set; absent where there is none. */
      asks?: FlagOnLift;
    }
  | { kind: 'stop'; stop: Stop }
  | { kind: 'done' };

/** A set to do. */
export type NextStep = Extract<NextSet, { kind: 'step' }>;

export type Change =
  'planned' | 'same' | 'lighter' | 'heavier' | 'fewer reps' | 'longer rest' | 'easier lift';

/** Largest jump within a session, as a share of the load. */
const JUMP = { upper: 0.1, lower: 0.2 } as const;
/** A load within a session stays unless another is worth this much more. */
const MARGIN = 0.05;
const DOWN = 0.15;
const MOST_DOWN = 0.25;
/** From this chance on that a set fails at the lightest choice, a longer rest is asked. */
const LIKELY_TO_FAIL = 0.35;
/** Largest jump of a climb after "4 or more", and after a reserve that was counted; half of either for careful clients. */
const CLIMB_JUMP = { open: 0.3, counted: 0.15 } as const;
/** How far below the middle a climb looks, in standard deviations. */
const CLIMB_SDS = { open: 0.7, counted: 0.5 } as const;
/** The coarsest step that a climb takes. */
const MOST_STEP = 1.5;
/** Working sets that a climb may take at most. */
const MOST_CLIMB = 5;

interface Proposal {
  loadG: number;
  reps: number;
  change: Change;
  why: Why;
  /** Breath or reps fell off: the rest before this set is a longer one. */
  restLonger?: boolean;
}

const told = ({ cleanReps: clean, rir }: LoggedSet): DoneSet => ({ clean, rir });

function lighter(last: LoggedSet, target: number, context: FloorContext): { loadG: number } | null {
  const down = stepDown(context.loads, last.loadG);
  if (!down) return null;
  const found = atOrBelow(context.loads, target);
  return found && found.loadG < last.loadG ? found : down;
}

/**
 * The next load of a calibration climb: as far as its careful answer supports, at most 30 % more after "4 or more"
 * and 15 % after a counted reserve; a step where steps are coarser than that.
 */
function climbTo(
  last: LoggedSet,
  rir: number,
  aim: Aim,
  outlook: Outlook,
  { loads, careful }: FloorContext,
): Loadable | null {
  const how = rir >= OPEN_RESERVE ? 'open' : 'counted';
  const { mu, sd } = outlook.limit(last.cleanReps + aim.targetRir, 0);
  const supported = Math.exp(mu - CLIMB_SDS[how] * sd);
  const jump = CLIMB_JUMP[how] * (careful ? 0.5 : 1);
  const up = atOrBelow(loads, Math.min(supported, last.loadG * (1 + jump)));
  if (up && up.loadG > last.loadG) return up;
  const step = stepUp(loads, last.loadG);
  // A rack whose steps are coarse is climbed one step at a time, and only from "4 or more".
  return step && how === 'open' && step.loadG <= last.loadG * MOST_STEP ? step : null;
}

function aimOf({ plan }: LiftState, { lift, loads, careful, strength }: FloorContext): Aim {
  const aim = aimHere(loads, plan.repRange, {
    targetRir: plan.targetRir,
    // A weight that is being found is looked for from below.
    careful: isDear(careful || plan.climb === true, strength.setsOf(lift)),
  });
  if (!plan.cell) return aim;
  // A block's reps are what its day is: the load gives way before they do, and only what no load can carry adds to them.
  const { reps } = plan;
  const high = (loadG: number) => rangeHere(loads, loadG, { low: reps, high: reps + 1 }).high;
  return { ...aim, range: (loadG) => ({ low: reps, high: high(loadG) }) };
}

/** The set to come with what makes it most likely to leave the asked reserve: reps first, load where that is clearly better. */
function bestNext(
  from: number,
  most: number,
  aim: Aim,
  outlook: Outlook,
  { lift, loads }: FloorContext,
  { down = DOWN, easyFrom = LEAVE.free }: { down?: number; easyFrom?: number } = {},
): BestSet {
  const judged = ofNearLoads(loads, from, { up: JUMP[lift.region], down }, (loadG) =>
    bestReps(outlook, loadG, aim, most),
  );
  return choose(judged, MARGIN, easyFrom).chosen;
}

/** So many sets with an uncounted reserve are answered by what they show. */
const OPEN_SETS = 2;

/** After several sets with "4 or more" and none that was counted: the load that they show by themselves. */
function afterOpen(
  lift: LiftState,
  aim: Aim,
  { lift: facts, loads }: FloorContext,
): Proposal | null {
  const sets = countedSets(lift, 'working');
  const last = sets.at(-1);
  // A climb has steps of its own.
  if (!last || lift.plan.climb || sets.length < OPEN_SETS) return null;
  const { low: reps } = aim.range(last.loadG);
  const up = heavierThanOpen(sets, facts, loads, { reps, jump: JUMP[facts.region] });
  if (!up) return null;
  const why: Why = { code: 'last-up-for', set: told(last), loadG: up.loadG, reps };
  return { loadG: up.loadG, reps, change: 'heavier', why };
}

function afterSet(
  last: LoggedSet,
  planned: Step,
  lift: LiftState,
  context: FloorContext,
): Proposal {
  const { targetRir } = lift.plan;
  const base = { loadG: last.loadG, reps: planned.reps };
  const set = told(last);

  if (last.marks.some((mark) => context.safetyFaults.includes(mark.faultId))) {
    const down = lighter(last, last.loadG * AFTER_SAFETY_FAULT, context);
    const why: Why = { code: 'lighter-for-safety' };
    return { ...base, loadG: down?.loadG ?? last.loadG, change: 'lighter', why };
  }
  if (isUnclean(last)) {
    const reps = Math.max(1, Math.min(planned.reps, last.cleanReps));
    const { cleanReps: clean, reps: done } = last;
    const why: Why = { code: 'stop-at-last-clean', clean, reps: done };
    return { ...base, reps, change: 'fewer reps', why };
  }
  const aim = aimOf(lift, context);
  const outlook = context.strength.outlook(context.lift, targetRir, 'today');
  const rir = last.rir ?? targetRir;
  if (lift.plan.climb && rir > targetRir && last.cleanReps >= planned.reps) {
    const up = climbTo(last, rir, aim, outlook, context);
    if (up) {
      const why: Why = { code: 'climbs-to', set, loadG: up.loadG };
      return { ...base, loadG: up.loadG, change: 'heavier', why };
    }
  }
  const { low } = aim.range(last.loadG);
  if (last.cleanReps + rir < low) {
    // Under the range with nothing to spare: whatever is believed, the same again would fail the same way.
    const k = context.lift.repConstant;
    const shown = (last.loadG * (k + last.cleanReps + rir)) / (k + low + targetRir);
    const down = lighter(last, Math.max(shown, last.loadG * (1 - MOST_DOWN)), context);
    if (down) {
      const why: Why = { code: 'last-down-to', set, loadG: down.loadG };
      return { loadG: down.loadG, reps: low, restLonger: true, change: 'lighter', why };
    }
    const reps = Math.max(1, last.cleanReps);
    const why: Why = { code: 'last-easier-lift', set };
    return { loadG: last.loadG, reps, restLonger: true, change: 'easier lift', why };
  }
  if (
    rir >= targetRir - 1 &&
    last.loadG === planned.loadG &&
    keepsToBlock(planned, lift, aim, outlook)
  )
    return { ...base, change: 'same', why: { code: 'same-load', set } };
  const open = afterOpen(lift, aim, context);
  if (open) return open;
  // A set that left what was asked is followed by no lighter one, one that left nothing by no more reps.
  const asAsked = rir >= targetRir && last.cleanReps >= planned.reps;
  const most = rir === 0 ? Math.min(planned.reps, last.cleanReps) : planned.reps + 1;
  const { loadG, reps } = bestNext(last.loadG, most, aim, outlook, context, {
    down: asAsked ? 0 : DOWN,
    easyFrom: lift.plan.climb ? LEAVE.never : LEAVE.free,
  });
  if (loadG > last.loadG) {
    return { loadG, reps, change: 'heavier', why: { code: 'last-up-for', set, loadG, reps } };
  }
  if (loadG < last.loadG) {
    const why: Why = { code: 'last-down-for', set, loadG, reps };
    return { loadG, reps, restLonger: true, change: 'lighter', why };
  }
  const fails = chances(outlook, loadG, reps, 0, targetRir).fails;
  if (fails > LIKELY_TO_FAIL && !asAsked) {
    const why: Why = { code: 'last-rest-longer', set };
    return { loadG, reps, restLonger: true, change: 'longer rest', why };
  }
  if (reps < planned.reps) {
    const why: Why = { code: 'last-fewer', set, fewer: planned.reps - reps };
    return { loadG, reps, change: 'fewer reps', why };
  }
  return { loadG, reps, change: 'same', why: { code: 'same-load', set } };
}

/**
 * The first working set by the day's form, which the lifts before it have shown: the plan stays unless something else
 * is clearly better.
 */
function firstByForm(planned: Step, lift: LiftState, context: FloorContext): Proposal | null {
  const { strength } = context;
  if (!strength.today || lift.plan.climb) return null;
  if (strength.loadFor(context.lift, planned.reps, lift.plan.targetRir).certainty !== 'known')
    return null;
  const { targetRir } = lift.plan;
  const aim = aimOf(lift, context);
  const outlook = strength.outlook(context.lift, targetRir, 'today');
  if (keepsToBlock(planned, lift, aim, outlook)) return null;
  const asPlanned = worthOf(
    chances(outlook, planned.loadG, planned.reps, 0, targetRir),
    aim.careful,
  );
  const next = bestNext(planned.loadG, planned.reps + 1, aim, outlook, context);
  if (next.worth <= asPlanned + MARGIN) return null;
  const { loadG, reps } = next;
  const moved = Math.sign(loadG - planned.loadG);
  const change =
    moved > 0 ? 'heavier' : moved < 0 ? 'lighter' : reps < planned.reps ? 'fewer reps' : 'same';
  const { loadG: plannedG, reps: plannedReps } = planned;
  const why: Why = { code: 'by-form', loadG, reps, plannedG, plannedReps };
  return { loadG, reps, change, why };
}

/** Up to this chance that it fails a set of a block stays as the block has it; for who pays dearly for failing up to the second. */
const BLOCK_FAILS = { usual: 0.35, dear: 0.2 } as const;

/**
 * Whether the floor keeps to what a block asks today: its days are to differ, and what was foretold is to come. It is left only
 * where the belief is sure that the set fails or is far too easy.
 */
function keepsToBlock(
  planned: Pick<Step, 'loadG' | 'reps'>,
  { plan }: LiftState,
  { careful }: Aim,
  outlook: Outlook,
): boolean {
  if (!plan.cell || plan.climb) return false;
  const { loadG, reps } = planned;
  const { fails, tooEasy } = chances(outlook, loadG, reps, 0, plan.targetRir);
  return fails <= (careful ? BLOCK_FAILS.dear : BLOCK_FAILS.usual) && tooEasy < LEAVE.free;
}

/** What a working set more than planned is made like. */
const lastWorking = ({ steps }: LiftState) => steps.findLast(({ kind }) => kind === 'working');

/** One set more than planned while a climb has not found its load; null when it has, or has gone on long enough. */
function stillClimbing(lift: LiftState, last: LoggedSet | undefined): Step | null {
  const pattern = lastWorking(lift);
  const more =
    lift.plan.climb &&
    last?.rir === OPEN_RESERVE &&
    last.loadG < (lift.plan.ceiling?.loadG ?? Infinity) &&
    countedSets(lift, 'working').length < MOST_CLIMB;
  return more && pattern ? pattern : null;
}

/** The set after one that does not fit what is believed: as the set before it, or as planned. */
function afterSlip(planned: Step, before: LoggedSet | undefined): Proposal {
  const loadG = before?.loadG ?? planned.loadG;
  const why: Why = { code: 'last-does-not-fit', loadG, before: before !== undefined };
  return { loadG, reps: planned.reps, change: 'planned', why };
}

/** A working set under what may not be exceeded today: the same load for the reps that were planned, and why it stays. */
function heldDown(next: NextStep, lift: LiftState, context: FloorContext): NextStep {
  const { ceiling } = lift.plan;
  if (!ceiling || next.set.kind !== 'working') return next;
  const planned = lift.steps[next.step] ?? lastWorking(lift) ?? next.set;
  const loadG = allowedLoad(next.set.loadG, lift.plan, context.loads);
  const reps = Math.min(next.set.reps, planned.reps);
  if (loadG === next.set.loadG && reps === next.set.reps) return next;
  const set = { ...next.set, loadG, reps: loadG < next.set.loadG ? planned.reps : reps };
  return { ...next, set, change: 'same', why: stays(ceiling) };
}

/**
 * The next set of a lift and why, within the ceiling that its plan has today. What the trainer changed by hand stands.
 */
export function proposeNextSet(lift: LiftState, context: FloorContext): NextSet {
  const next = nextOf(lift, context);
  if (next.kind !== 'step') return next;
  const held = byHand(lift) ? next : heldDown(next, lift, context);
  const asks = flagToMeet(lift, context);
  return asks ? { ...held, asks } : held;
}

/** The flag on a joint that the lift loads that was raised since the session began, and that nobody has answered here. */
function flagToMeet(
  lift: LiftState,
  { flags, lift: facts, since }: FloorContext,
): FlagOnLift | null {
  const isMet = ({ flag }: FlagOnLift) =>
    (lift.flagsMet ?? []).some(
      ({ flagId, degree }) => flagId === flag.id && coversDegree(degree, degreeOf(flag)),
    );
  const isNews = ({ flag }: FlagOnLift) =>
    degreeOf(flag) !== 'watch' && madeMs(flag.id) > Date.parse(since);
  // One side can be done where only the other hurts: that is said under the lift's name.
  return flagsOn({ flags: [...flags] }, facts).find((each) => isNews(each) && !isMet(each)) ?? null;
}

/** Whether the trainer changed the plan after the last working set. */
const byHand = (lift: LiftState): boolean => {
  const last = countedSets(lift, 'working').at(-1);
  return lift.adjusted !== null && (!last || lift.adjusted.eventId > last.id);
};

/**
 * The next set of a lift and why. A plan that the trainer changed after the last set stands as it is;
 * otherwise the last working set moves load, reps or rest, within what the room can load.
 */
function nextOf(lift: LiftState, context: FloorContext): NextSet {
  const stop = painStop(lift.pains, context.flags);
  if (stop) return { kind: 'stop', stop };
  const red = redFlag(context);
  if (red) return { kind: 'stop', stop: { report: null, redFlag: true, why: lockedBy(red) } };
  const step = nextStepIndex(lift);
  const last = countedSets(lift, 'working').at(-1);
  const planned = lift.steps[step] ?? stillClimbing(lift, last);
  if (lift.skipped || !planned) return { kind: 'done' };
  if (lift.adjusted && byHand(lift)) {
    return {
      kind: 'step',
      step,
      set: planned,
      change: 'planned',
      why: allOf(lift.adjusted.reasons) ?? lift.plan.why,
      restLonger: false,
    };
  }
  if (lift.plan.counted) {
    const { reps, why } = nextHold(planned, last, lift.plan.counted);
    const change = reps < planned.reps ? 'fewer reps' : 'planned';
    const set = { ...planned, reps, loadG: last?.loadG ?? planned.loadG };
    return { kind: 'step', step, set, change, why: why ?? lift.plan.why, restLonger: false };
  }
  const byForm = !last && planned.kind === 'working' ? firstByForm(planned, lift, context) : null;
  if (byForm) {
    const { change, why, ...moved } = byForm;
    return { kind: 'step', step, set: { ...planned, ...moved }, change, why, restLonger: false };
  }
  if (!last || planned.kind !== 'working') {
    return {
      kind: 'step',
      step,
      set: planned,
      change: 'planned',
      why: lift.plan.why,
      restLonger: false,
    };
  }
  const before = countedSets(lift, 'working').slice(0, -1);
  const {
    change,
    why,
    restLonger = false,
    ...moved
  } = isSlip(last, lift.plan, context.strength)
    ? afterSlip(
        planned,
        before.findLast((set) => !isSlip(set, lift.plan, context.strength)),
      )
    : afterSet(last, planned, lift, context);
  return { kind: 'step', step, set: { ...planned, ...moved }, change, why, restLonger };
}

/** The steps as the ramp shows them: done as done, then the proposal, which also moves the working sets behind it. */
export function stepsInSight(lift: LiftState, next: NextSet): Step[] {
  if (next.kind !== 'step') return lift.steps;
  return lift.steps.map((step, index) => {
    if (index === next.step) return next.set;
    const follows = index > next.step && next.set.kind === 'working' && step.kind === 'working';
    return follows ? { ...step, loadG: next.set.loadG } : step;
  });
}
