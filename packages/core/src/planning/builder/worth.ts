import type { Muscle } from '../../lift/muscles';
import type { BuildAsk, Candidate, Chosen, Merit } from './ask';
import { coverOf, covers, type Cover } from './cover';
import { bigMuscles, peaks, setsIn, setsOfMuscle, type Peak } from './week';

/**
 * What a session is worth, in points. Own weights: a movement that the week lacks comes before everything else, then sets
 * that muscles lack, then positions, then what the client likes and knows. Only their order is meant; docs/formulas.md says why.
 * All are multiples of a half, and so is what a session is worth (`WORTH_STEP`): a solver may stop when less is to be gained.
 */
export const WORTH = {
  /** A movement that the week has not had; one that it has had. */
  cover: 12,
  coverAgain: 3,
  /** A set that a muscle lacks, of its share of today; of a muscle that the goal names. */
  lackingSet: 2,
  lackingFocusSet: 4,
  /** A position of a muscle that the week has not had; of one that the goal names. */
  position: 0.5,
  focusPosition: 3,
  /** Each lift has to be set up and thought of. */
  lift: -1,
  merit: {
    liked: 3,
    disliked: -6,
    'their programme': 3,
    'as last time': 3,
    usual: 2,
    suits: 3,
    steady: 3,
    /** What stands is changed for more than a little. */
    stood: 3,
    new: -2,
  } satisfies Record<Merit, number>,
} as const;

/** Sessions differ in worth by this or not at all: half sets are worth whole points, positions halves. */
export const WORTH_STEP = 0.5;

/** What the trainer wants of a muscle today: its share of what the week still lacks, in sets. */
export interface MuscleWish {
  muscle: Muscle;
  isFocus: boolean;
  /** Sets asked for today. */
  wanted: number;
}

const halves = (sets: number) => Math.round(sets * 2) / 2;

/** What is wanted of each muscle today, in halves of a set, as sets count. */
export function muscleWishes(ask: BuildAsk): MuscleWish[] {
  const { low } = ask.weeklySets;
  return [...new Set<Muscle>([...bigMuscles, ...ask.focus])].map((muscle) => {
    const done = setsIn(ask.week, muscle);
    return {
      muscle,
      isFocus: ask.focus.includes(muscle),
      wanted: halves(Math.max(0, low - done) / Math.max(1, ask.sessionsLeft)),
    };
  });
}

/** A position of a muscle that the week has not had. */
export interface PositionWish {
  muscle: Muscle;
  peak: Peak;
  points: number;
}

export function positionWishes(ask: BuildAsk): PositionWish[] {
  return muscleWishes(ask).flatMap(({ muscle, isFocus }) =>
    peaks
      .filter((peak) => !ask.week.muscles[muscle]?.[peak])
      .map((peak) => ({
        muscle,
        peak,
        points: isFocus ? WORTH.focusPosition : WORTH.position,
      })),
  );
}

/** What a movement is worth today. */
export const coverWorth = (ask: BuildAsk, cover: Cover): number =>
  ask.week.covers[cover] ? WORTH.coverAgain : WORTH.cover;

/** What a lift is worth of its own. */
export const ownWorth = ({ merits }: Candidate): number =>
  merits.reduce<number>((sum, merit) => sum + WORTH.merit[merit], WORTH.lift);

/** Whether a lift trains a muscle hardest in a position. */
export const reaches = (
  { lift }: Candidate,
  { muscle, peak }: Pick<PositionWish, 'muscle' | 'peak'>,
) => lift.peak === peak && lift.muscles.main.includes(muscle);

/** The points of a session, term by term. */
export interface Worth {
  covers: Cover[];
  lacking: { muscle: Muscle; sets: number }[];
  positions: PositionWish[];
  points: number;
}

/** What a choice of one ask is worth. */
export type WorthOf = (choice: readonly Chosen[]) => Worth;

/**
 * Tells what choices of an ask are worth: the very sum that the integer programme maximises. What does not depend on the
 * choice is worked out once, as alternatives are compared by the hundred.
 */
export function worthIn(ask: BuildAsk): WorthOf {
  const wishes = muscleWishes(ask);
  const positionsAll = positionWishes(ask);
  const facts = new Map(
    ask.candidates.map((candidate) => [
      candidate.lift.id,
      {
        own: ownWorth(candidate),
        cover: coverOf(candidate.lift),
        sets: wishes.map(({ muscle }) => setsOfMuscle(candidate.lift, muscle)),
        positions: positionsAll.map((wish) => reaches(candidate, wish)),
      },
    ]),
  );
  return (choice) => {
    const taken = choice.map(({ liftId, sets }) => ({ ...facts.get(liftId)!, times: sets }));
    const own = taken.reduce((sum, each) => sum + each.own, 0);
    const covered = covers.filter((cover) => taken.some((each) => each.cover === cover));
    const reached = positionsAll.filter((_, at) => taken.some((each) => each.positions[at]));
    const lacking: Worth['lacking'] = [];
    let points = own;
    for (const cover of covered) points += coverWorth(ask, cover);
    for (const wish of reached) points += wish.points;
    wishes.forEach(({ muscle, isFocus, wanted }, at) => {
      const sets = taken.reduce((sum, each) => sum + each.times * each.sets[at]!, 0);
      const short = Math.max(0, wanted - sets);
      points -= short * (isFocus ? WORTH.lackingFocusSet : WORTH.lackingSet);
      if (short > 0) lacking.push({ muscle, sets: short });
    });
    return { covers: covered, lacking, positions: reached, points };
  };
}
