import { allLifts } from '@spalo/catalog';
import {
  canBeLoaded,
  familyOf,
  isClosed,
  liftLimit,
  type Lift,
  type Person,
  type Room,
} from '@spalo/core';

/** A lift that can take the place of another, and what they share. */
interface Substitute {
  lift: Lift;
  why: string;
}

/** As many as can be looked through in a moment. */
const MOST = 8;

const shared = (one: Lift, other: Lift) =>
  one.muscles.main.filter((muscle) => other.muscles.main.includes(muscle));

/** How much of what a lift is for another does: its movement first, then its muscles. */
function likeness(lift: Lift, other: Lift): number {
  const muscles = shared(lift, other).length / lift.muscles.main.length;
  const movement =
    lift.pattern === other.pattern
      ? 1
      : familyOf[lift.pattern] === familyOf[other.pattern]
        ? 0.3
        : 0;
  return muscles === 0 && movement < 1 ? 0 : movement + muscles;
}

function whyFor(lift: Lift, other: Lift): string {
  const muscles = shared(lift, other);
  const movement = lift.pattern === other.pattern ? ['the same movement'] : [];
  const trains = muscles.length > 0 ? [`trains the ${muscles.join(' and ')}`] : [];
  return [...movement, ...trains].join(', ');
}

/**
 * Lifts for the place of one, the likest first: what this room loads, what no flag or caution of this client closes
 * (`now`, ISO), and what the session does not hold already (`taken`, ids).
 */
export function substitutesFor(
  lift: Lift,
  {
    person,
    room,
    taken,
    now,
  }: { person: Person; room: Room; taken: readonly string[]; now: string },
): Substitute[] {
  const fits = (other: Lift) =>
    !taken.includes(other.id) &&
    canBeLoaded(other, room, person.bodyMassG) &&
    !isClosed(liftLimit(person, other, now));
  return allLifts()
    .map((other) => ({ other, like: likeness(lift, other) }))
    .filter(({ other, like }) => like > 0 && fits(other))
    .sort((a, b) => b.like - a.like)
    .slice(0, MOST)
    .map(({ other }) => ({ lift: other, why: whyFor(lift, other) }));
}
