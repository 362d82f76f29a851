import type { Lift } from '../lift/lift';
import { openFlags, type Person } from '../person/person';
import { isInFirstYear } from '../person/training-age';
import { stressOn } from '../lift/joints';
import type { Step } from '../session/plan';
import { countedSets, type LiftState } from '../session/state';
import type { StrengthProfile } from '../strength/profile';
import { chances } from '../strength/worth';
import type { Reason } from './attention';

/** A set to come with what bears on whether somebody should watch it. */
export interface WatchedFrom {
  lift: Lift;
  state: LiftState;
  /** The set that comes next. */
  set: Step;
  /** Undefined while they are not known here. */
  person: Person | undefined;
  strength: StrengthProfile;
  /** The client has done this lift in a session before. */
  doneBefore: boolean;
  /** Names of faults by id, as they are said; undefined for one that nobody knows. */
  faultName: (faultId: string) => string | undefined;
}

/** How much each reason weighs: a coach's order, pain and first loads before routine. */
const WEIGHT = {
  afterPain: 0.6,
  firstWorking: 0.45,
  newLift: 0.4,
  limit: 0.5,
  fault: 0.4,
  flagged: 0.25,
  beginner: 0.15,
  climb: 0.3,
  working: 0.1,
} as const;

/** From this chance on that it fails, a set is close to the limit. */
const CLOSE = 0.15;
/** What is lifted over the body, or that pins under it. */
const RISKY: readonly Lift['pattern'][] = ['squat', 'push', 'press', 'hinge'];

const isRisky = ({ implement, pattern }: Lift): boolean =>
  implement === 'barbell' && RISKY.includes(pattern);

/** Why any set is: what went wrong today. */
function fromToday({ state, faultName }: WatchedFrom): Reason[] {
  const mark = countedSets(state).at(-1)?.marks.at(-1);
  const fault = mark && faultName(mark.faultId);
  return [
    ...(state.pains.length > 0
      ? [{ weight: WEIGHT.afterPain, says: 'first sets after pain' }]
      : []),
    ...(fault ? [{ weight: WEIGHT.fault, says: `${fault.toLowerCase()} in the last set` }] : []),
  ];
}

/** Whether a set is close to what the client can do today; nothing is believed of what is held or carried. */
function isClose({ lift, state, set, strength }: WatchedFrom): boolean {
  if (state.plan.counted) return false;
  const { targetRir } = state.plan;
  const outlook = strength.outlook(lift, targetRir, 'today');
  return chances(outlook, set.loadG, set.reps, 0, targetRir).fails >= CLOSE;
}

/** Why a working set is: who does it, how new it is to them, how near the limit. */
function fromWork(from: WatchedFrom): Reason[] {
  const { lift, state, person, doneBefore } = from;
  const first = countedSets(state, 'working').length === 0;
  const beginner = person !== undefined && isInFirstYear(person);
  const sore = person && openFlags(person).find(({ place }) => stressOn(lift, place));
  const rows: [holds: boolean, weight: number, says: string][] = [
    [true, WEIGHT.working, 'a working set'],
    [beginner, WEIGHT.beginner, 'a beginner'],
    [!doneBefore, WEIGHT.newLift, 'new to this lift'],
    [first && (beginner || isRisky(lift)), WEIGHT.firstWorking, 'the first working set'],
    [state.plan.climb === true, WEIGHT.climb, 'a weight that is still to be found'],
    [sore !== undefined, WEIGHT.flagged, `the ${sore?.place} is watched`],
    [isClose(from), WEIGHT.limit, 'close to the limit'],
  ];
  return rows.flatMap(([holds, weight, says]) => (holds ? [{ weight, says }] : []));
}

/** Why a set is worth watching, the most telling first; of a warm-up set only pain and a fault of today say so. */
export function reasonsToWatch(from: WatchedFrom): Reason[] {
  const work = from.set.kind === 'working' ? fromWork(from) : [];
  return [...fromToday(from), ...work].sort((a, b) => b.weight - a.weight);
}
