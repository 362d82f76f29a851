import { implementKey, type Implement } from '../room/implement';
import type { Room } from '../room/room';
import type { Grams } from '../unit/mass';
import { isExpected, type BookingState } from './booked';

const MINUTE_MS = 60_000;
/** How many clients one trainer can have in one slot. */
const MOST_IN_SLOT = 4;

/** A booking as clashes are looked for in it. */
export interface Hour {
  id: string;
  clientId: string;
  trainerId: string;
  startsAt: string;
  minutes: number;
  state?: BookingState | undefined;
}

const endOf = ({ startsAt, minutes }: Hour) => Date.parse(startsAt) + minutes * MINUTE_MS;

/** Whether two bookings are at the same time for a while; none that is called off is. */
export const overlaps = (one: Hour, other: Hour): boolean =>
  isExpected(one) &&
  isExpected(other) &&
  Date.parse(one.startsAt) < endOf(other) &&
  Date.parse(other.startsAt) < endOf(one);

/** The bookings that cross one, itself left out. */
export const crossing = <T extends Hour>(hour: Hour, all: readonly T[]): T[] =>
  all.filter((other) => other.id !== hour.id && overlaps(hour, other));

/** What is odd about a booking beside the others: it is said, not forbidden. */
type Clash = { clash: 'client'; with: string } | { clash: 'trainer'; clients: number };

/** How many of a trainer's clients are there at once, at the fullest moment of a booking; it counts itself. */
function fullest(hour: Hour, others: readonly Hour[]): number {
  const starts = [hour, ...others].map(({ startsAt }) => Date.parse(startsAt));
  const within = starts.filter((at) => at >= Date.parse(hour.startsAt) && at < endOf(hour));
  const thereAt = (at: number) =>
    others.filter((other) => Date.parse(other.startsAt) <= at && at < endOf(other)).length;
  return 1 + Math.max(...within.map(thereAt));
}

/** Clashes of a booking: its client twice at once, or more clients than a trainer can have. */
export function clashesOf(hour: Hour, all: readonly Hour[]): Clash[] {
  const others = crossing(hour, all);
  const twice = others.filter(({ clientId }) => clientId === hour.clientId);
  const same = others.filter(({ trainerId }) => trainerId === hour.trainerId);
  const clients = fullest(hour, same);
  return [
    ...twice.map(({ id }): Clash => ({ clash: 'client', with: id })),
    ...(clients > MOST_IN_SLOT ? [{ clash: 'trainer', clients } as const] : []),
  ];
}

/** What a client's session wants of a room: an implement for a lift. */
export interface Want {
  bookingId: string;
  liftId: string;
  implement: Implement;
  loadG: Grams;
}

/** An implement that a slot needs, who wants it for what, and whether more want it than there are. */
export interface Needed {
  implement: Implement;
  /** The mass that is wanted of bells, which are as many implements as there are masses; null for the others. */
  loadG: Grams | null;
  wants: Want[];
  /** How many of it are wanted, and how many there are: bells are counted by the hand. */
  wanted: number;
  there: number;
  isShort: boolean;
}

const isBells = ({ kind }: Implement) => kind === 'dumbbell' || kind === 'kettlebell';

/** The same text for the same thing of a room, whoever uses it; bells of one mass are one thing, in one hand or two. */
function thingOf({ implement, loadG }: Want): string {
  if (implement.kind === 'assisted') return `stack/${implement.stackId}`;
  return isBells(implement) ? `${implement.kind}/${loadG}` : implementKey(implement);
}

/** How many of a thing one client takes: both bells of a pair, else one. */
const takenBy = ({ implement }: Want): number => ('hands' in implement ? implement.hands : 1);

/** How many of a thing a room has; of bells, of those of one mass. */
function countIn(room: Room, { implement, loadG }: Want): number {
  if (implement.kind === 'barbell')
    return room.bars.find(({ id }) => id === implement.barId)?.count ?? 0;
  if (!isBells(implement)) return 1;
  const bells = implement.kind === 'dumbbell' ? room.dumbbells : room.kettlebells;
  return bells.filter(({ massG }) => massG === loadG).reduce((sum, each) => sum + each.count, 0);
}

/** What a slot needs from the room, thing by thing, the short ones first. The body is always there. */
export function neededIn(wants: readonly Want[], room: Room): Needed[] {
  const byThing = new Map<string, Want[]>();
  for (const want of wants) {
    if (want.implement.kind === 'body') continue;
    const thing = thingOf(want);
    byThing.set(thing, [...(byThing.get(thing) ?? []), want]);
  }
  return [...byThing.values()]
    .map((all): Needed => {
      const [first] = all as [Want, ...Want[]];
      const there = countIn(room, first);
      const most = new Map<string, number>();
      for (const want of all)
        most.set(want.bookingId, Math.max(most.get(want.bookingId) ?? 0, takenBy(want)));
      const wanted = [...most.values()].reduce((sum, each) => sum + each, 0);
      const { implement, loadG } = first;
      const mass = isBells(implement) ? loadG : null;
      return {
        implement,
        loadG: mass,
        wants: all,
        wanted,
        there,
        isShort: wanted > there,
      };
    })
    .sort((a, b) => Number(b.isShort) - Number(a.isShort) || b.wants.length - a.wants.length);
}
