import type { RestClass } from '../../lift/lift';
import { loadables } from '../../loads/loadables';
import { atOrBelow } from '../../loads/loads';
import type { Implement } from '../../room/implement';
import type { Room } from '../../room/room';
import type { Arranged } from './arranged';
import { wantsOf, type HourClient, type HourLift } from './clients';
import { neededIn, shortSeconds, type Needed } from './needed';

/** An hour as it is proposed: what each gives way by, only those who do; what is short before, and what stays short. */
export interface ArrangedHour {
  arranged: Map<string, Arranged>;
  shortBefore: Needed[];
  shortAfter: Needed[];
}

/** What a change costs, in seconds of shortage that it must save. */
const COST = {
  /** A place that a lift moves from where it was planned. */
  place: 15,
  /** A small lift that comes before one that demands more. */
  tiredFirst: 120,
  bar: 30,
} as const;
const demand: Record<RestClass, number> = { small: 0, press: 1, squat: 2, 'floor-pull': 2 };
/** Another bar may load this much less than planned, as a share. */
const LIGHTER = 0.025;
const MOST_STEPS = 40;

/** How much of its order puts the smaller before the greater, in pairs. */
function tiredFirst(lifts: readonly HourLift[]): number {
  let pairs = 0;
  lifts.forEach((lift, at) => {
    for (const later of lifts.slice(at + 1))
      if (demand[lift.restClass] < demand[later.restClass]) pairs += 1;
  });
  return pairs;
}

const barOf = ({ implement }: HourLift) => (implement.kind === 'barbell' ? implement.barId : null);

/** What an hour costs against the one that was planned: shortage, and what is changed to lessen it. */
function costOf(hour: readonly HourClient[], planned: readonly HourClient[], room: Room): number {
  const short = shortSeconds(wantsOf(hour), room);
  const changes = hour.map(({ lifts }, at) => {
    const before = planned[at]!.lifts;
    const moved = lifts.map(({ liftId }, place) =>
      Math.abs(place - before.findIndex((each) => each.liftId === liftId)),
    );
    const bars = lifts.filter(
      (lift) => barOf(lift) !== barOf(before.find(({ liftId }) => liftId === lift.liftId)!),
    );
    const worse = Math.max(0, tiredFirst(lifts) - tiredFirst(before));
    return (
      COST.place * moved.reduce((sum, each) => sum + each, 0) +
      COST.bar * bars.length +
      COST.tiredFirst * worse
    );
  });
  return short + changes.reduce((sum, each) => sum + each, 0);
}

const withLifts = (
  hour: readonly HourClient[],
  at: number,
  lifts: readonly HourLift[],
): HourClient[] => hour.map((each, place) => (place === at ? { ...each, lifts } : each));

/** A lift on another bar, where that loads about as much; null where it does not. */
function onBar(lift: HourLift, barId: string, room: Room): HourLift | null {
  const implement: Implement = { kind: 'barbell', barId };
  const load = atOrBelow(loadables(room, implement), lift.loadG);
  if (!load || load.loadG > lift.loadG || load.loadG < lift.loadG * (1 - LIGHTER)) return null;
  const was = barOf(lift);
  const others = lift.otherBars.filter((id) => id !== barId);
  return { ...lift, implement, otherBars: was === null ? others : [...others, was] };
}

/** Every hour that is one change away: a lift of a client in another place, two in each other's, or another bar for one. */
function* oneChangeFrom(hour: readonly HourClient[], room: Room): Generator<HourClient[]> {
  for (const [at, { lifts, isFixed }] of hour.entries()) {
    for (const [place, lift] of lifts.entries()) {
      for (const barId of lift.otherBars) {
        const other = onBar(lift, barId, room);
        if (other) yield withLifts(hour, at, lifts.with(place, other));
      }
      if (isFixed) continue;
      for (let second = place + 1; second < lifts.length; second += 1)
        yield withLifts(hour, at, lifts.with(place, lifts[second]!).with(second, lift));
      for (let to = 0; to < lifts.length; to += 1)
        if (Math.abs(to - place) > 1)
          yield withLifts(hour, at, lifts.toSpliced(place, 1).toSpliced(to, 0, lift));
    }
  }
}

/** Descends from an hour, step by step the change that saves most, until none does or nothing is short. */
function descend(from: readonly HourClient[], planned: readonly HourClient[], room: Room) {
  let hour = from;
  let cost = costOf(from, planned, room);
  for (let step = 0; step < MOST_STEPS; step += 1) {
    let next: readonly HourClient[] | null = null;
    for (const other of oneChangeFrom(hour, room)) {
      const its = costOf(other, planned, room);
      if (its < cost) [next, cost] = [other, its];
    }
    if (!next) break;
    hour = next;
  }
  return { hour, cost };
}

/** Lifts begun some places later, the first ones at the end. */
const begunAt = (lifts: readonly HourLift[], place: number): HourLift[] => [
  ...lifts.slice(place),
  ...lifts.slice(0, place),
];

/** Hours to descend from: as planned, and with all but one of the clients beginning their lifts elsewhere, each elsewhere. */
function startsFrom(planned: readonly HourClient[]): (readonly HourClient[])[] {
  const turned = planned.map((_, first) =>
    planned.map((client, at): HourClient => {
      const steps = (at - first + planned.length) % planned.length;
      const place = Math.round((steps / planned.length) * client.lifts.length);
      return client.isFixed ? client : { ...client, lifts: begunAt(client.lifts, place) };
    }),
  );
  return [planned, ...turned];
}

/**
 * The hour drafted together: orders and bars changed, as little as serves, so that those who come at the same time do not want
 * the same thing at once. What cannot be spread stays short, and is given back. Times are about right: a set more or less moves them.
 */
export function arrangeHour(planned: readonly HourClient[], room: Room): ArrangedHour {
  const shortOf = (hour: readonly HourClient[]) =>
    neededIn(wantsOf(hour), room).filter(({ isShort }) => isShort);
  const shortBefore = shortOf(planned);
  if (shortBefore.length === 0) return { arranged: new Map(), shortBefore, shortAfter: [] };
  const found = startsFrom(planned).map((from) => descend(from, planned, room));
  const { hour: best } = found.reduce((least, each) => (each.cost < least.cost ? each : least));
  const arranged = new Map<string, Arranged>();
  best.forEach(({ bookingId, lifts }, at) => {
    const before = planned[at]!.lifts;
    const bars = lifts.flatMap((lift) => {
      const was = before.find(({ liftId }) => liftId === lift.liftId)!;
      const barId = barOf(lift);
      return barId !== null && barId !== barOf(was) ? [{ liftId: lift.liftId, barId }] : [];
    });
    const order = lifts.map(({ liftId }) => liftId);
    const moved = order.some((liftId, place) => liftId !== before[place]!.liftId);
    if (moved || bars.length > 0) arranged.set(bookingId, { order, bars });
  });
  return { arranged, shortBefore, shortAfter: shortOf(best) };
}
