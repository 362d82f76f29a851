import type { Person } from '../person/person';
import { liftAt, type Belief } from './belief';
import { priorLog } from './prior';

/**
 * What a studio's own clients teach of its lifts, as logs of a factor on the catalogue's ratio, by lift id: a lift that
 * people are stronger in here than the catalogue thinks (its machine, its way of doing it) has one above zero.
 */
export type StudioRatios = Readonly<Record<string, number>>;

/** How far each lift that a client knows well lies from the catalogue's ratio, as a log, by lift id. */
export type LiftOffs = Readonly<Record<string, number>>;

/** Sets of a lift from which a client says something about it, and lifts that they have to have so many of. */
const LEAST_SETS = 6;
const LEAST_LIFTS = 3;
/** Clients that the catalogue's ratio weighs: people differ in a lift about three times as much as studios do. */
const CATALOGUE_WEIGHT = 6;

/**
 * What one client says of the ratios: how far each lift with enough sets lies from the catalogue's, less how far these
 * lifts lie on the whole. Empty where there is too little behind it. `now`: ISO time.
 */
export function liftOffs(person: Person, belief: Belief, now: string): LiftOffs {
  const known = belief.lifts.filter((_, at) => belief.sets[at]! >= LEAST_SETS);
  if (known.length < LEAST_LIFTS) return {};
  const offs = known.map((lift) => ({
    lift,
    off: belief.mean[liftAt(belief.lifts, lift.id)]! - priorLog(person, lift, now),
  }));
  const level = offs.reduce((sum, { off }) => sum + off, 0) / offs.length;
  return Object.fromEntries(offs.map(({ lift, off }) => [lift.id, off - level]));
}

/** Fewer clients than these say nothing of a studio: it may be them. */
const LEAST_CLIENTS = 5;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return (sorted[Math.ceil(half) - 1]! + sorted[Math.floor(half)]!) / 2;
}

/**
 * The ratios that a studio's clients show together, shrunken toward the catalogue where few have done a lift. The middle one of
 * them counts: a load that somebody typed thrice too high moves nobody else's.
 */
export function studioRatios(clients: readonly LiftOffs[]): StudioRatios {
  const offs = new Map<string, number[]>();
  for (const [liftId, off] of clients.flatMap((each) => Object.entries(each)))
    offs.set(liftId, [...(offs.get(liftId) ?? []), off]);
  const told = [...offs].filter(([, of]) => of.length >= LEAST_CLIENTS);
  return Object.fromEntries(
    told.map(([liftId, of]) => [liftId, (median(of) * of.length) / (of.length + CATALOGUE_WEIGHT)]),
  );
}

/** Moves the lifts of a belief that have no set of their own to where the studio's ratios say, in place. */
export function takeRatios(belief: Belief, ratios: StudioRatios): void {
  belief.lifts.forEach((lift, at) => {
    if (belief.sets[at] === 0) belief.mean[at]! += ratios[lift.id] ?? 0;
  });
}
