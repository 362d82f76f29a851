import { overlaps, type Hour } from '@spalo/core/planning';

/** A booking with its place among those at the same time: which lane, of how many. */
export interface Placed<T> {
  hour: T;
  lane: number;
  lanes: number;
}

const atOnce = (one: Hour, other: Hour) =>
  // What is called off keeps its place in the day as well.
  overlaps({ ...one, state: 'booked' }, { ...other, state: 'booked' });

/** Bookings side by side where they are at the same time, each as wide as its group allows. In time's order. */
export function inLanes<T>(hours: readonly T[], hourOf: (each: T) => Hour): Placed<T>[] {
  const groups: { hour: T; lane: number }[][] = [];
  for (const hour of hours) {
    const group = groups.at(-1);
    const joins = group?.some((each) => atOnce(hourOf(each.hour), hourOf(hour)));
    if (!group || !joins) {
      groups.push([{ hour, lane: 0 }]);
      continue;
    }
    const taken = group
      .filter((each) => atOnce(hourOf(each.hour), hourOf(hour)))
      .map(({ lane }) => lane);
    let lane = 0;
    while (taken.includes(lane)) lane += 1;
    group.push({ hour, lane });
  }
  return groups.flatMap((group) => {
    const lanes = Math.max(...group.map(({ lane }) => lane)) + 1;
    return group.map((each) => ({ ...each, lanes }));
  });
}
