import {
  countLimits,
  muscleLimits,
  secondsFor,
  setsFor,
  type BuildAsk,
  type Candidate,
  type Chosen,
} from './ask';
import type { Muscle } from '../../lift/muscles';
import { withoutDominated } from './dominated';
import { coverOf, covers } from './cover';
import { setsOfMuscle } from './week';
import { coverWorth, muscleWishes, ownWorth, positionWishes, reaches, WORTH } from './worth';

/** A number that a programme looks for: 0 or 1 where it is a choice, else any up from 0. */
interface Column {
  name: string;
  /** What one of it is worth. */
  points: number;
  isChoice: boolean;
  /** At most so many; absent: any. */
  most?: number;
}

/** A sum of columns that must lie between two numbers; absent ends are open. */
interface Row {
  name: string;
  terms: readonly { column: string; times: number }[];
  low?: number;
  high?: number;
}

/** An integer programme: columns whose worth is to be as large as rows allow. Plain data, for whichever solver. */
export interface IntegerProgramme {
  columns: readonly Column[];
  rows: readonly Row[];
}

/** Solves a programme to the best; answers each column's value by name, or null where no values keep every row. */
export type Solve = (programme: IntegerProgramme) => ReadonlyMap<string, number> | null;

/** A lift with its fewest sets, or with some more than the option before: what it adds to that. */
interface Option {
  name: string;
  candidate: Candidate;
  liftId: string;
  /** The sets that the lift has with it, and how many more that is. */
  sets: number;
  more: number;
  seconds: number;
  /** The option that it goes on from; absent for the fewest sets. */
  after?: string;
}

/** Lifts with every number of sets that they can have. */
const optionsOf = (ask: BuildAsk, candidates: readonly Candidate[]): Option[] =>
  candidates.flatMap((candidate) => {
    const nameOf = (sets: number) => `lift${ask.candidates.indexOf(candidate)}x${sets}`;
    return setsFor(candidate, ask).map((sets, at, all): Option => {
      const before = all[at - 1];
      const seconds = secondsFor(candidate, sets, ask);
      const option = { name: nameOf(sets), candidate, liftId: candidate.lift.id, sets };
      if (before === undefined) return { ...option, more: sets, seconds };
      const earlier = secondsFor(candidate, before, ask);
      return { ...option, more: sets - before, seconds: seconds - earlier, after: nameOf(before) };
    });
  });

/** The options by which lifts are taken at all. */
const firstOf = (options: readonly Option[]) => options.filter(({ after }) => after === undefined);

const sum = (options: readonly Option[], times: (option: Option) => number) =>
  options.flatMap((option) => {
    const by = times(option);
    return by === 0 ? [] : [{ column: option.name, times: by }];
  });

/** The sets of a muscle that options bring. */
const muscleSets = (options: readonly Option[], muscle: Muscle) =>
  sum(options, ({ candidate, more }) => more * setsOfMuscle(candidate.lift, muscle));

/** What must hold: more sets only after the fewest, what is fixed, the time, and the limits on numbers of lifts and of sets. */
function limits(ask: BuildAsk, options: readonly Option[]): Row[] {
  const firsts = firstOf(options);
  const fixed = firsts.filter((option) => ask.fixed.some(({ liftId }) => liftId === option.liftId));
  return [
    ...options.flatMap(({ name, after }): Row[] =>
      after === undefined
        ? []
        : [
            {
              name: `${name}after`,
              terms: [
                { column: name, times: 1 },
                { column: after, times: -1 },
              ],
              high: 0,
            },
          ],
    ),
    ...fixed.map(({ name }): Row => ({
      name: `${name}fixed`,
      terms: [{ column: name, times: 1 }],
      low: 1,
    })),
    { name: 'time', terms: sum(options, ({ seconds }) => seconds), high: ask.seconds },
    ...countLimits(ask).map(({ counts, most }, at): Row => ({
      name: `limit${at}`,
      terms: sum(firsts, ({ candidate }) => (counts(candidate) ? 1 : 0)),
      high: most,
    })),
    ...muscleLimits(ask).map(({ muscle, most }, at): Row => ({
      name: `most${at}`,
      terms: muscleSets(options, muscle),
      high: most,
    })),
  ].filter(({ terms }) => terms.length > 0);
}

/**
 * A column that is one where any of some options is taken. It need not be a choice of its own: it is worth something, so the
 * best answer has it as large as whole options let it be, and fewer choices are solved faster.
 */
function coveredBy(
  name: string,
  points: number,
  options: readonly Option[],
): { column: Column; row: Row } {
  return {
    column: { name, points, isChoice: false, most: 1 },
    row: {
      name: `${name}by`,
      terms: [{ column: name, times: 1 }, ...sum(options, () => -1)],
      high: 0,
    },
  };
}

/** A column for the sets that each muscle lacks. */
const muscleTerms = (ask: BuildAsk, options: readonly Option[]) =>
  muscleWishes(ask).map(({ muscle, isFocus, wanted }, at): { column: Column; row: Row } => {
    const name = `lacks${at}`;
    const points = -(isFocus ? WORTH.lackingFocusSet : WORTH.lackingSet);
    const terms = [{ column: name, times: 1 }, ...muscleSets(options, muscle)];
    return {
      column: { name, points, isChoice: false },
      row: { name: `${name}by`, terms, low: wanted },
    };
  });

/** Forbids one choice of lifts, and no other. */
const notAgain = (lifts: readonly string[], options: readonly Option[], at: number): Row => ({
  name: `not${at}`,
  terms: sum(options, ({ liftId }) => (lifts.includes(liftId) ? 1 : -1)),
  high: lifts.length - 1,
});

/** A session to build as an integer programme; `never`: choices of lifts that were found to have no order. */
export function programmeOf(
  ask: BuildAsk,
  never: readonly (readonly string[])[] = [],
): IntegerProgramme {
  const options = optionsOf(ask, withoutDominated(ask));
  const firsts = firstOf(options);
  const terms = [
    ...covers.map((cover, at) =>
      coveredBy(
        `cover${at}`,
        coverWorth(ask, cover),
        firsts.filter(({ candidate }) => coverOf(candidate.lift) === cover),
      ),
    ),
    ...positionWishes(ask).map((wish, at) =>
      coveredBy(
        `position${at}`,
        wish.points,
        firsts.filter(({ candidate }) => reaches(candidate, wish)),
      ),
    ),
    ...muscleTerms(ask, options),
  ];
  return {
    columns: [
      ...options.map(({ name, candidate, after }) => ({
        name,
        points: after === undefined ? ownWorth(candidate) : 0,
        isChoice: true,
      })),
      ...terms.map(({ column }) => column),
    ],
    rows: [
      ...limits(ask, options),
      ...terms.map(({ row }) => row),
      ...never.map((lifts, at) => notAgain(lifts, firsts, at)),
    ],
  };
}

/** The lifts that a solver's answer takes, each with the most sets that it has in it. */
export function choiceOf(values: ReadonlyMap<string, number>, ask: BuildAsk): Chosen[] {
  const taken = optionsOf(ask, ask.candidates).filter(({ name }) => (values.get(name) ?? 0) > 0.5);
  const sets = new Map(taken.map((option) => [option.liftId, option.sets]));
  return [...sets].map(([liftId, most]) => ({ liftId, sets: most }));
}
