import { atOrBelow } from '../../loads/loads';
import { loadables } from '../../loads/loadables';
import type { Room } from '../../room/room';
import type { LiftPlan } from '../../session/plan';

/** How a session gives way to those who train at the same time: the order of its lifts, and other bars for some. */
export interface Arranged {
  /** Lifts in the order in which they are done; what is not among them comes after. */
  order: string[];
  bars: { liftId: string; barId: string }[];
}

/** Things in the order that an hour was arranged in; the rest behind them, as they were. */
export function inArrangedOrder<T>(
  all: readonly T[],
  arranged: Arranged | undefined,
  idOf: (each: T) => string,
): readonly T[] {
  if (!arranged) return all;
  const placeOf = (each: T) => {
    const place = arranged.order.indexOf(idOf(each));
    return place < 0 ? arranged.order.length : place;
  };
  return [...all].sort((a, b) => placeOf(a) - placeOf(b));
}

/** A plan on the bar that the hour gives it, with the load at or below its own; as it is where that bar is gone or too heavy. */
export function onArrangedBar<P extends LiftPlan>(
  plan: P,
  arranged: Arranged | undefined,
  room: Room,
): P {
  const bar = arranged?.bars.find(({ liftId }) => liftId === plan.liftId);
  if (!bar || plan.implement.kind !== 'barbell') return plan;
  const implement = { kind: 'barbell', barId: bar.barId } as const;
  const load = atOrBelow(loadables(room, implement), plan.loadG);
  return load && load.loadG <= plan.loadG ? { ...plan, implement, loadG: load.loadG } : plan;
}
