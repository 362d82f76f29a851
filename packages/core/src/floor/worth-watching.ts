import type { Lift } from '../lift/lift';
import type { Person } from '../person/person';
import { openFlags } from '../person/person';
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

/** Why a working set is worth watching; of a warm-up set only pain and a fault of today are. Most telling first. */
export function reasonsToWatch(from: WatchedFrom): Reason[] {
  const { lift, state, set, person, strength, doneBefore, faultName } = from;
  const working = countedSets(state, 'working');
  const reasons: Reason[] = [];
  const add = (holds: boolean, weight: number, says: string) => {
    if (holds) reasons.push({ weight, says });
  };
  add(state.pains.length > 0, WEIGHT.afterPain, 'first sets after pain');
  const mark = countedSets(state).at(-1)?.marks.at(-1);
  const fault = mark && faultName(mark.faultId);
  add(fault !== undefined, WEIGHT.fault, `${fault?.toLowerCase()} in the last set`);
  if (set.kind === 'warm-up') return reasons.sort((a, b) => b.weight - a.weight);
  add(true, WEIGHT.working, 'a working set');
  const beginner = person !== undefined && isInFirstYear(person);
  add(beginner, WEIGHT.beginner, 'a beginner');
  add(!doneBefore, WEIGHT.newLift, 'new to this lift');
  add(
    working.length === 0 && (beginner || isRisky(lift)),
    WEIGHT.firstWorking,
    'the first working set',
  );
  add(state.plan.climb === true, WEIGHT.climb, 'a weight that is still to be found');
  const sore = person && openFlags(person).find(({ place }) => stressOn(lift, place));
  add(sore !== undefined, WEIGHT.flagged, `the ${sore?.place} is watched`);
  if (!state.plan.counted) {
    const { targetRir } = state.plan;
    const outlook = strength.outlook(lift, targetRir, 'today');
    const { fails } = chances(outlook, set.loadG, set.reps, 0, targetRir);
    add(fails >= CLOSE, WEIGHT.limit, 'close to the limit');
  }
  return reasons.sort((a, b) => b.weight - a.weight);
}
