import type { HeldCount } from '../lift/counted';
import type { Lift } from '../lift/lift';
import { chooseImplement } from '../loads/choose-implement';
import { canLoad, loadables } from '../loads/loadables';
import { atOrBelow, lightest } from '../loads/loads';
import { restBetweenWork } from '../lift/rest';
import type { LiftMemory } from '../memory/lift-memory';
import type { Person } from '../person/person';
import type { Room } from '../room/room';
import type { LiftPlan, LoadedLift, PlannedLift, Step } from '../session/plan';
import { onTheWay, shareOfStep, stepToday, type WayBack } from '../session/way-back';
import type { Why } from '../words/why';
import { absenceShare } from './absence';
import type { ProgrammeLift } from './programme-lift';
import { wayBackOf } from './way-back';

/** Where, by whom and after how long (whole days; null: never). */
interface HoldSetting {
  person: Person;
  room: Room;
  memory: LiftMemory;
  daysAway: number | null;
  /** ISO time. */
  now: string;
}

const SETS = 3;
/** A break is as long as the work, and never under this. */
const LEAST_REST_S = 60;

/** What a lift counts where it is not reps; null for reps. */
export const heldCount = ({ counted }: Pick<Lift, 'counted'>): HeldCount | null =>
  counted === 'reps' ? null : counted;

function firstHold(
  { lift, styleId, firstCueId }: ProgrammeLift,
  counted: HeldCount,
  room: Room,
  person: Person,
) {
  const wanted = lift.priorRatio * person.bodyMassG;
  const implement = chooseImplement(lift, room, wanted, person.bodyMassG);
  const loads = implement && loadables(room, implement);
  const load = loads && (atOrBelow(loads, wanted) ?? lightest(loads));
  if (!implement || !load) return null;
  const plan: LiftPlan = {
    liftId: lift.id,
    styleId,
    implement,
    repRange: lift.repRange,
    reps: lift.repRange.low,
    counted,
    targetRir: 0,
    sets: SETS,
    loadG: load.loadG,
    focusCueId: firstCueId,
    closed: null,
  };
  return {
    plan,
    why: { code: load.loadG === 0 ? 'without-load' : 'light-and-short' } as const,
  };
}

/** What a hold or a carry asks on its way back after pain: a share of how long or how far it was. */
function heldOnTheWay(plan: LiftPlan, way: WayBack & { whole: number }, mostReps: number) {
  const reps = Math.max(1, Math.round(Math.min(mostReps, way.whole * shareOfStep(way.step))));
  return { plan: { ...plan, reps, wayBack: way }, why: onTheWay(way) };
}

function carriedHold(decided: LiftPlan, { lift }: ProgrammeLift, setting: HoldSetting) {
  const { room, person, daysAway, memory, now } = setting;
  const implement = canLoad(room, decided.implement)
    ? decided.implement
    : chooseImplement(lift, room, decided.loadG, person.bodyMassG);
  const share = daysAway === null ? 1 : absenceShare(daysAway);
  const loads = implement && loadables(room, implement);
  // Never heavier than it was, whatever the room has.
  const load = loads && atOrBelow(loads, decided.loadG);
  if (!implement || !load) return null;
  const { low } = decided.repRange;
  const plan = { ...decided, implement, loadG: load.loadG, reps: share < 1 ? low : decided.reps };
  const most = share < 1 ? low : Infinity;
  const begun = wayBackOf(lift, memory, person);
  if (begun) return heldOnTheWay(plan, { whole: decided.reps, ...stepToday(begun, now) }, most);
  const why: Why =
    share < 1 && daysAway !== null
      ? { code: 'away-short', days: daysAway }
      : { code: 'as-decided' };
  return { plan, why };
}

/** A lift that is held or carried, with its load and how long or how far; null when the room has nothing for it. */
export function loadHold(entry: ProgrammeLift, setting: HoldSetting): LoadedLift | null {
  const counted = heldCount(entry.lift);
  if (!counted) return null;
  const { memory, person, room } = setting;
  const found = memory.plan
    ? carriedHold({ ...memory.plan, counted, closed: null }, entry, setting)
    : firstHold(entry, counted, room, person);
  if (!found) return null;
  return { ...found.plan, why: found.why, belief: null, lastTime: memory.lastTime };
}

/** The same with its sets: it needs no ramp, and rests as long as it works. */
export function planHold(loaded: LoadedLift, { restClass }: Lift): PlannedLift {
  const usual = restBetweenWork({ loadG: loaded.loadG, reps: 15, restClass });
  const step: Step = {
    kind: 'working',
    loadG: loaded.loadG,
    reps: loaded.reps,
    purpose: '',
    restS: Math.max(LEAST_REST_S, usual),
  };
  return { ...loaded, ramp: 'short', steps: Array.from({ length: loaded.sets }, () => step) };
}
