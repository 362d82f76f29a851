import type { Muscle } from '../../lift/muscles';
import {
  countLimits,
  muscleLimits,
  secondsFor,
  setsFor,
  type BuildAsk,
  type Chosen,
  type Merit,
} from './ask';
import type { Cover } from './cover';
import { hasOrder, inBestOrder } from './order';
import { coverOfWeek, setsIn, type Peak } from './week';
import type { Worth, WorthOf } from './worth';

/** Why a lift is in a session. */
export type Reason =
  | { why: 'fixed' }
  | { why: 'cover'; cover: Cover; again: boolean }
  | { why: 'muscle'; muscle: Muscle; sets: number }
  | { why: 'position'; muscle: Muscle; peak: Peak }
  | { why: Merit };

/** What a session would lose without one of its lifts, largest first. */
export function reasonsFor(
  taken: Chosen,
  choice: readonly Chosen[],
  ask: BuildAsk,
  worthOf: WorthOf,
): Reason[] {
  const whole = worthOf(choice);
  const without = worthOf(choice.filter((each) => each !== taken));
  const { merits } = ask.candidates.find(({ lift }) => lift.id === taken.liftId)!;
  const covered = whole.covers.filter((cover) => !without.covers.includes(cover));
  const places = whole.positions.filter(
    (wish) => !without.positions.some((o) => o.muscle === wish.muscle && o.peak === wish.peak),
  );
  return [
    ...(ask.fixed.some(({ liftId }) => liftId === taken.liftId) ? [{ why: 'fixed' } as const] : []),
    ...covered.map((cover): Reason => ({
      why: 'cover',
      cover,
      again: (ask.week.covers[cover] ?? 0) > 0,
    })),
    ...musclesFor(whole, without),
    ...places.map(({ muscle, peak }): Reason => ({ why: 'position', muscle, peak })),
    ...merits.map((why): Reason => ({ why })),
  ];
}

/** Muscles that would lack more sets without the lift. */
const musclesFor = (whole: Worth, without: Worth): Reason[] =>
  without.lacking.flatMap(({ muscle, sets }) => {
    const still = whole.lacking.find((each) => each.muscle === muscle)?.sets ?? 0;
    return sets > still ? [{ why: 'muscle', muscle, sets: sets - still } as const] : [];
  });

/** A lift that could stand where another does, and what the session would be worth less (points). */
export interface Instead extends Chosen {
  less: number;
}

/** Tells of choices whether they keep every limit: the time, the numbers of lifts and of sets, and that they have an order. */
export function limitsOf(ask: BuildAsk): (choice: readonly Chosen[]) => boolean {
  const limits = countLimits(ask);
  const ofMuscles = muscleLimits(ask);
  const byId = new Map(ask.candidates.map((candidate) => [candidate.lift.id, candidate]));
  const isPlaced = ask.fixed.some(({ place }) => place !== undefined);
  return (choice) => {
    const taken = choice.map(({ liftId, sets }) => {
      const candidate = byId.get(liftId)!;
      const place = ask.fixed.find((f) => f.liftId === liftId)?.place;
      const { lift, isNew } = candidate;
      return { candidate, lift, isNew, sets, ...(place !== undefined && { place }) };
    });
    const seconds = taken.reduce(
      (sum, each) => sum + secondsFor(each.candidate, each.sets, ask),
      0,
    );
    const brings = coverOfWeek(taken);
    return (
      seconds <= ask.seconds &&
      taken.every(({ candidate, sets }) => setsFor(candidate, ask).includes(sets)) &&
      limits.every(
        ({ counts, most }) => taken.filter(({ candidate }) => counts(candidate)).length <= most,
      ) &&
      ofMuscles.every(({ muscle, most }) => setsIn(brings, muscle) <= most) &&
      (isPlaced
        ? inBestOrder(taken, ask.steadyFirst) !== null
        : hasOrder(taken.map(({ lift }) => lift)))
    );
  };
}

/** As many as can be looked through in a moment. */
const MOST_INSTEAD = 8;

/** What could stand in a lift's place with all else as it is, the best first: the first is what it pushed out. */
export function insteadOf(
  taken: Chosen,
  choice: readonly Chosen[],
  ask: BuildAsk,
  worthOf: WorthOf,
): Instead[] {
  const place = choice.indexOf(taken);
  const withOther = (other: Chosen) => choice.with(place, other);
  const { points } = worthOf(choice);
  const free = { ...ask, fixed: ask.fixed.filter(({ liftId }) => liftId !== taken.liftId) };
  const others = ask.candidates
    .filter(({ lift }) => !choice.some(({ liftId }) => liftId === lift.id))
    .flatMap((candidate) =>
      setsFor(candidate, free).map((sets) => {
        const other = { liftId: candidate.lift.id, sets };
        return { ...other, less: points - worthOf(withOther(other)).points };
      }),
    )
    .sort((a, b) => a.less - b.less);
  const keepsLimits = limitsOf(free);
  // One by one, as looking for an order takes longest: the first that keep the limits are enough.
  const kept: Instead[] = [];
  for (const other of others) {
    if (kept.length === MOST_INSTEAD) break;
    if (kept.some(({ liftId }) => liftId === other.liftId)) continue;
    if (keepsLimits(withOther(other))) kept.push(other);
  }
  return kept;
}
