import { allLifts } from '@spalo/catalog';
import { familyOf, type Lift } from '@spalo/core/lift';
import { canBeDone } from '@spalo/core/loads';
import { memoryOf, type ClientHistory } from '@spalo/core/memory';
import { flagsOn, isClosed, liftLimit, type Person } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';

/** A lift that can take the place of another, and what they share. */
interface Substitute {
  lift: Lift;
  why: string;
}

const peakText = {
  shortened: 'shortened position',
  middle: 'middle',
  stretched: 'stretched position',
} as const;

/** As many as can be looked through in a moment. */
const MOST = 8;

const shared = (one: Lift, other: Lift) =>
  one.muscles.main.filter((muscle) => other.muscles.main.includes(muscle));

/** What it adds to be hardest where the other is, and to be known to the client. */
const WORTH = { peak: 0.2, known: 0.4 } as const;
/** What it costs to load a place that hurts, though not enough to be left out. */
const SORE = 0.5;

/** How much of what a lift is for another does: its movement first, then its muscles. */
function likeness(lift: Lift, other: Lift): number {
  const muscles = shared(lift, other).length / lift.muscles.main.length;
  const movement =
    lift.pattern === other.pattern
      ? 1
      : familyOf[lift.pattern] === familyOf[other.pattern]
        ? 0.3
        : 0;
  const peak = lift.peak === other.peak ? WORTH.peak : 0;
  return muscles === 0 && movement < 1 ? 0 : movement + muscles + peak;
}

function whyFor(lift: Lift, other: Lift, known: boolean): string {
  const muscles = shared(lift, other);
  const movement = lift.pattern === other.pattern ? ['the same movement'] : [];
  const trains = muscles.length > 0 ? [`trains the ${muscles.join(' and ')}`] : [];
  const peak = lift.peak === other.peak ? [`hardest in the ${peakText[lift.peak]}`] : [];
  return [...movement, ...trains, ...peak, ...(known ? ['known to them'] : [])].join(', ');
}

/**
 * Lifts for the place of one, the likest that sore places can bear first: what this room loads, what no flag or caution of this client closes
 * (`now`, ISO), and what the session does not hold already (`taken`, ids).
 */
export function substitutesFor(
  lift: Lift,
  {
    person,
    room,
    taken,
    now,
    history,
  }: {
    person: Person;
    room: Room;
    taken: readonly string[];
    now: string;
    /** What the client has done; what they know comes first among likes. */
    history?: Pick<ClientHistory, 'lifts'>;
  },
): Substitute[] {
  const fits = (other: Lift) =>
    !taken.includes(other.id) &&
    canBeDone(other, room, person.bodyMassG) &&
    !isClosed(liftLimit(person, other, now));
  const isKnown = ({ id }: Lift) =>
    history !== undefined && memoryOf(history, id).lastDone !== null;
  const worth = ({ other, like, known }: { other: Lift; like: number; known: boolean }) =>
    like + (known ? WORTH.known : 0) - SORE * flagsOn(person, other).length;
  return allLifts()
    .map((other) => ({ other, like: likeness(lift, other), known: isKnown(other) }))
    .filter(({ other, like }) => like > 0 && fits(other))
    .sort((a, b) => worth(b) - worth(a))
    .slice(0, MOST)
    .map(({ other, known }) => ({ lift: other, why: whyFor(lift, other, known) }));
}
