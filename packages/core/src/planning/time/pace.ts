import type { TimeTaken, Took } from '../../memory/time-taken';

/** How a client's sessions take their time against the rule. */
export interface Pace {
  /** Finished sessions of theirs that it is learnt from. */
  sessions: number;
  /** Seconds that the general part takes longer than its plan, with all that is said before the first set. */
  beforeS: number;
  /** How many times its plan a lift takes, the way to it included. */
  ofLift: (liftId: string) => number;
}

/** Nobody's pace: what the plan says. */
export const byTheRule: Pace = { sessions: 0, beforeS: 0, ofLift: () => 1 };

/**
 * How much paces differ, as standard deviations of the share by which a lift takes longer than its plan: between trainers,
 * between the clients of one, between the lifts of a client, and from one time to the next. As found good on made-up clocks.
 */
const SPREAD = { trainer: 0.3, client: 0.35, lift: 0.15, once: 0.25 } as const;
/** The same of the seconds before the first set. */
const BEFORE = { trainer: 240, client: 200, once: 120 } as const;
/** Each effect is told anew with what the others are: settled after so many rounds. */
const ROUNDS = 6;

interface Seen {
  liftId: string;
  share: number;
}

const longerBy = ({ ruleS, tookS }: Took): number => tookS / ruleS - 1;

const seenOf = (times: readonly TimeTaken[]): Seen[] =>
  times.flatMap(({ lifts }) =>
    lifts.map((took) => ({ liftId: took.liftId, share: longerBy(took) })),
  );

const beforeOf = (times: readonly TimeTaken[]): number[] =>
  times.flatMap(({ general }) => (general ? [general.tookS - general.ruleS] : []));

const sumOf = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0);

/** The middle of some values, drawn to zero the more, the fewer they are and the more they differ by chance. */
const shrunk = (values: readonly number[], sd: number, once: number): number =>
  sumOf(values) / (values.length + (once / sd) ** 2);

/** What is usual of a trainer: the means of their clients, each as sure as it is. */
function usualOf(
  clients: readonly (readonly number[])[],
  spread: { trainer: number; client: number; once: number },
): number {
  const known = clients.filter((values) => values.length > 0);
  const weights = known.map(
    (values) => 1 / (spread.client ** 2 + spread.once ** 2 / values.length),
  );
  const weighted = known.map((values, at) => (weights[at]! * sumOf(values)) / values.length);
  return sumOf(weighted) / (sumOf(weights) + 1 / spread.trainer ** 2);
}

/**
 * The pace of a client, from how long their own latest sessions took and, where those say little, from the others of their
 * trainer: one list a client. Shares of the plan are taken apart into trainer, client and lift, each drawn to what is usual by
 * how little is known of it (as in best linear prediction, Henderson 1975).
 */
export function paceOf(
  own: readonly TimeTaken[],
  others: readonly (readonly TimeTaken[])[] = [],
): Pace {
  const shares = others.map((times) => seenOf(times).map(({ share }) => share));
  const trainer = usualOf(shares, SPREAD);
  const trainerBefore = usualOf(others.map(beforeOf), BEFORE);
  const seen = seenOf(own);
  const liftIds = [...new Set(seen.map(({ liftId }) => liftId))];
  const lifts = new Map<string, number>();
  let client = 0;
  for (let round = 0; round < ROUNDS; round += 1) {
    client = shrunk(
      seen.map(({ liftId, share }) => share - trainer - (lifts.get(liftId) ?? 0)),
      SPREAD.client,
      SPREAD.once,
    );
    for (const id of liftIds) {
      const left = seen.filter(({ liftId }) => liftId === id);
      lifts.set(
        id,
        shrunk(
          left.map(({ share }) => share - trainer - client),
          SPREAD.lift,
          SPREAD.once,
        ),
      );
    }
  }
  const before = shrunk(
    beforeOf(own).map((each) => each - trainerBefore),
    BEFORE.client,
    BEFORE.once,
  );
  return {
    sessions: own.length,
    beforeS: trainerBefore + before,
    ofLift: (liftId) => 1 + trainer + client + (lifts.get(liftId) ?? 0),
  };
}
