import { stressesBy, stressOn } from '../../lift/joints';
import type { Lift, RestClass } from '../../lift/lift';
import { isSteady } from '../../lift/position';

/** A small part that a big lift needs fresh. */
export type SmallPart = 'grip' | 'low back';

const usesGrip = (lift: Lift) =>
  lift.muscles.main.includes('grip') ||
  lift.muscles.helping.some((muscle) => muscle === 'grip' || muscle === 'forearms') ||
  stressesBy(lift, 'hand', 'grip');

const usesLowBack = (lift: Lift) =>
  lift.muscles.main.includes('back extensors') || stressOn(lift, 'low back') !== undefined;

/** The small parts that a lift tires. */
export const tires = (lift: Lift): SmallPart[] => [
  ...(usesGrip(lift) ? (['grip'] as const) : []),
  ...(usesLowBack(lift) ? (['low back'] as const) : []),
];

/** The small parts without which a big lift is not what it should be: grip for a pull, the low back for a squat. */
export function needs(lift: Lift): SmallPart[] {
  if (lift.restClass === 'small') return [];
  const pulls = lift.pattern === 'pull' || lift.pattern === 'hinge' || lift.fromFloor;
  const squats = lift.restClass === 'squat' || lift.restClass === 'floor-pull';
  return [
    ...(pulls && usesGrip(lift) ? (['grip'] as const) : []),
    ...(squats && usesLowBack(lift) ? (['low back'] as const) : []),
  ];
}

/** Whether two lifts in a row tire the same small part right before a big one that needs it. */
export const tiresBefore = (first: Lift, second: Lift, big: Lift): boolean =>
  needs(big).some((part) => tires(first).includes(part) && tires(second).includes(part));

const demand: Record<RestClass, number> = { 'floor-pull': 4, squat: 3, press: 2, small: 1 };
/** What has to be learned is learned fresh; the trunk is tired last. */
const SKILL = 0.5;
const TRUNK = -2;
const STEADY = 10;
/** What it costs to tire a part, or a muscle, right before a lift that needs it. */
const TIRED = 0.2;
const SAME_MUSCLE = 0.1;

/** A lift to be put in order. */
export interface ToOrder {
  lift: Lift;
  isNew: boolean;
  /** The place that the trainer gave it, from 0. */
  place?: number;
}

function rank({ lift, isNew }: ToOrder, steadyFirst: boolean): number {
  const trunk = lift.pattern === 'trunk' || lift.pattern === 'carry' ? TRUNK : 0;
  const steady = steadyFirst && isSteady(lift.position) ? STEADY : 0;
  return demand[lift.restClass] + (isNew ? SKILL : 0) + trunk + steady;
}

function stepCost(before: Lift | null, { lift }: ToOrder): number {
  if (!before) return 0;
  const tired = needs(lift).some((part) => tires(before).includes(part)) ? TIRED : 0;
  const same = lift.muscles.main.some((muscle) => before.muscles.main.includes(muscle));
  return tired + (same ? SAME_MUSCLE : 0);
}

/** The places given, made to fit into as many lifts as there are: of two for one place the second comes after. */
function placesIn(items: readonly ToOrder[]): Map<ToOrder, number> {
  const given = items
    .filter(({ place }) => place !== undefined)
    .sort((a, b) => a.place! - b.place!);
  let before = -1;
  return new Map(
    given.map((item, at) => {
      const last = items.length - (given.length - at);
      before = Math.max(before + 1, Math.min(item.place!, last));
      return [item, before];
    }),
  );
}

interface Row {
  cost: number;
  order: number[];
}

/**
 * Lifts in the best order: demanding and new ones first, never two that tire the same small part right before a big one that
 * needs it, each at the place that the trainer gave it. Exact, over all subsets; answers null where no order keeps that.
 * At most 16 lifts.
 */
export function inBestOrder<T extends ToOrder>(
  items: readonly T[],
  steadyFirst = false,
): T[] | null {
  const count = items.length;
  if (count > 16) throw new RangeError('At most 16 lifts can be put in order');
  const ranks = items.map((item) => rank(item, steadyFirst));
  const places = placesIn(items);
  const taken = new Set(places.values());
  // A state is the set of lifts that are placed with the last two of them.
  let states = new Map<string, Row & { mask: number }>([['0', { mask: 0, cost: 0, order: [] }]]);
  for (let place = 0; place < count; place += 1) {
    const next: typeof states = new Map();
    for (const { mask, cost, order } of states.values()) {
      for (let at = 0; at < count; at += 1) {
        const item = items[at]!;
        if (mask & (1 << at)) continue;
        const own = places.get(item);
        // A place that is given to another is not free.
        if (own === undefined ? taken.has(place) : own !== place) continue;
        const last = items[order.at(-1) ?? -1]?.lift ?? null;
        const first = items[order.at(-2) ?? -1]?.lift ?? null;
        if (first && last && tiresBefore(first, last, item.lift)) continue;
        const total = cost + place * ranks[at]! + stepCost(last, item);
        const placed = mask | (1 << at);
        const key = `${placed} ${order.at(-1) ?? ''} ${at}`;
        const known = next.get(key);
        if (!known || total < known.cost - 1e-9)
          next.set(key, { mask: placed, cost: total, order: [...order, at] });
      }
    }
    states = next;
  }
  const [best] = [...states.values()].sort((a, b) => a.cost - b.cost);
  return best ? best.order.map((at) => items[at]!) : null;
}

/** Whether lifts have an order in which no small part is tired twice right before the big lift that needs it. */
export function hasOrder(lifts: readonly Lift[]): boolean {
  const goOn = (
    first: Lift | undefined,
    second: Lift | undefined,
    rest: readonly Lift[],
  ): boolean =>
    rest.length === 0 ||
    rest.some(
      (next) =>
        !(first && second && tiresBefore(first, second, next)) &&
        goOn(
          second,
          next,
          rest.filter((each) => each !== next),
        ),
    );
  return goOn(undefined, undefined, lifts);
}
