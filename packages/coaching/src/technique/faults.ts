import { faultOf, findLift, styleOf } from '@spalo/catalog';
import type { MainFaultOf } from '@spalo/core/memory';
import { mainFault, type LiftState, type Mark } from '@spalo/core/session';

interface Marked {
  marks: readonly Mark[];
}

/** The marks of some sets with the ids that their faults have today; a fault that is unknown keeps its own. */
function marksToday<T extends Marked>(liftId: string, styleId: string, sets: readonly T[]) {
  return sets.map((set) => ({
    ...set,
    marks: set.marks.map((mark) => ({
      ...mark,
      faultId: faultOf(liftId, mark.styleId ?? styleId, mark.faultId)?.id ?? mark.faultId,
    })),
  }));
}

/** A lift of a session with its marks as they are called today. */
export const withMarksToday = (lift: LiftState): LiftState => ({
  ...lift,
  sets: marksToday(lift.plan.liftId, lift.plan.styleId, lift.sets),
});

/** The main fault of a lift's sets, for what is remembered of it. */
export const mainFaultIn: MainFaultOf = ({ liftId, styleId }, sets) =>
  findLift(liftId)
    ? (mainFault(marksToday(liftId, styleId, sets), styleOf(liftId, styleId).faults)?.id ?? null)
    : null;
