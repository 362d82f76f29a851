import { furnitureKinds, type Place } from '../../lift/places';
import type { Room } from '../../room/room';
import { loadedWith, taken, thereOf, type Taken, type Thing, type Want } from './things';

/** A thing that a slot needs, who wants it for what, and whether more want it at once than there are. */
export interface Needed {
  thing: Thing;
  /** The same for the same thing. */
  key: string;
  wants: Want[];
  /** How many of it are wanted at the fullest moment, and how many there are: bells are counted by the hand. */
  wanted: number;
  there: number;
  isShort: boolean;
  /** For how long more are wanted than there are, seconds, and by which bookings. */
  shortS: number;
  shortFor: string[];
}

/** A want with all that it takes, its place among it. */
interface Taking {
  want: Want;
  takes: readonly Taken[];
}

/** What is short for less than this is not worth a word: lifts take a little more or less than they are thought to, seconds. */
const HARDLY_S = 180;

const atOnce = (one: Want, other: Want) => one.fromS < other.toS && other.fromS < one.toS;

/** How many of a thing are taken while a want lasts, by others. */
function takenBeside(want: Want, key: string, others: readonly Taking[]): number {
  let sum = 0;
  for (const other of others)
    if (atOnce(want, other.want))
      for (const each of other.takes) if (each.key === key) sum += each.count;
  return sum;
}

const pieces = new Map(
  furnitureKinds.map((furniture) => [furniture, taken({ kind: 'furniture', furniture }, 1)]),
);
const ofPlace = (place: Place): Taken[] => place.map((furniture) => pieces.get(furniture)!);

/** What each want takes: the first of its places that is free, who comes first choosing first; the usual one where none is. */
function takingOf(wants: readonly Want[], room: Room): Taking[] {
  const all: Taking[] = [];
  for (const want of [...wants].sort((a, b) => a.fromS - b.fromS)) {
    const isFree = (place: Place) =>
      ofPlace(place).every(({ thing, key }) => takenBeside(want, key, all) < thereOf(thing, room));
    const place = want.places.find(isFree) ?? want.places[0] ?? [];
    all.push({ want, takes: [...loadedWith(want, room), ...ofPlace(place)] });
  }
  return all;
}

/** A use of a thing: by whom, how many, from when to when. */
interface Use extends Pick<Want, 'bookingId' | 'fromS' | 'toS'> {
  count: number;
}

/** All uses of each thing, by its key. */
function usesOf(taking: readonly Taking[]): Map<string, { thing: Thing; uses: Use[] }> {
  const all = new Map<string, { thing: Thing; uses: Use[] }>();
  for (const { want, takes } of taking)
    for (const { thing, key, count } of takes) {
      const { bookingId, fromS, toS } = want;
      const known = all.get(key);
      if (known) known.uses.push({ bookingId, fromS, toS, count });
      else all.set(key, { thing, uses: [{ bookingId, fromS, toS, count }] });
    }
  return all;
}

/** How many of a thing are wanted moment by moment: for how long, seconds, and by which bookings. */
function courseOf(uses: readonly Use[]) {
  const moments = [...new Set(uses.flatMap(({ fromS, toS }) => [fromS, toS]))].sort(
    (a, b) => a - b,
  );
  return moments.slice(0, -1).map((fromS, at) => {
    const by = uses.filter((use) => use.fromS <= fromS && fromS < use.toS);
    return {
      seconds: moments[at + 1]! - fromS,
      wanted: by.reduce((sum, { count }) => sum + count, 0),
      by: by.map(({ bookingId }) => bookingId),
    };
  });
}

type Over = ReturnType<typeof courseOf>;

const secondsOf = (over: Over, there: number): number =>
  over.reduce((sum, { seconds, wanted }) => sum + seconds * (wanted - there), 0);

/** How long more are wanted than there are, all things together, seconds times how many too many. */
export function shortSeconds(wants: readonly Want[], room: Room): number {
  let sum = 0;
  for (const { thing, uses } of usesOf(takingOf(wants, room)).values()) {
    const there = thereOf(thing, room);
    if (uses.reduce((all, { count }) => all + count, 0) <= there) continue;
    sum += secondsOf(
      courseOf(uses).filter(({ wanted }) => wanted > there),
      there,
    );
  }
  return sum;
}

/** What a slot needs from the room, thing by thing, the short ones first. The body is always there. */
export function neededIn(wants: readonly Want[], room: Room): Needed[] {
  const taking = takingOf(wants, room);
  return [...usesOf(taking)]
    .map(([key, { thing, uses }]): Needed => {
      const course = courseOf(uses);
      const there = thereOf(thing, room);
      const over = course.filter(({ wanted }) => wanted > there);
      const shortS = secondsOf(over, there);
      return {
        thing,
        key,
        wants: taking
          .filter(({ takes }) => takes.some((each) => each.key === key))
          .map(({ want }) => want),
        wanted: Math.max(0, ...course.map(({ wanted }) => wanted)),
        there,
        isShort: shortS >= HARDLY_S,
        shortS,
        shortFor: [...new Set(over.flatMap(({ by }) => by))],
      };
    })
    .sort((a, b) => Number(b.isShort) - Number(a.isShort) || b.wants.length - a.wants.length);
}
