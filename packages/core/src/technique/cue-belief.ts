/** What a cue did: the fault went or faded, stayed, or grew. */
export const cueOutcomes = ['helped', 'same', 'worse'] as const;
export type CueOutcome = (typeof cueOutcomes)[number];

/** How often a cue was judged each way for a client. */
export type CueTally = Record<CueOutcome, number>;

export const noTally: CueTally = { helped: 0, same: 0, worse: 0 };

/** A cue as the choice sees it. */
export interface CueToChoose {
  id: string;
  kind: string;
}

/** What is known of cues: this client's tallies, the studio's, and what was tried last. By cue id. */
export interface CueKnowledge {
  own: Readonly<Record<string, CueTally>>;
  studio: Readonly<Record<string, CueTally>>;
  /** The cue that was given last and did not help; null where none was. */
  lastTried: string | null;
}

/** Judgements that the prior of a cue weighs: about four sets. */
const PRIOR_WEIGHT = 4;
/** Judgements after which the studio's own experience counts as much as the catalogue's order. */
const STUDIO_WEIGHT = 6;
/** Chance that the catalogue's first cue for a fault helps, and what each place further down is worth. */
const FIRST = 0.5;
const EACH_PLACE = 0.03;
const LEAST = 0.25;
/** What a judgement of another cue of the same kind counts. */
const KIND_COUNTS = 0.5;
/** A cue that helped so often is this client's own. */
const OWN_AFTER = 2;

const judged = ({ helped, same, worse }: CueTally) => helped + same + worse;

/** Chance that a cue helps anyone here: the catalogue's order, moved by what the studio saw. */
function priorChance(place: number, studio: CueTally): number {
  const byOrder = Math.max(LEAST, FIRST - EACH_PLACE * place);
  return (byOrder * STUDIO_WEIGHT + studio.helped) / (STUDIO_WEIGHT + judged(studio));
}

/**
 * Chance that a cue helps this client: the mean of a Beta belief (Beta prior with the weight of about four judgements)
 * after what was judged of it and, counting less, of other cues of its kind. `place`: where the catalogue has it for the
 * fault, from 0.
 */
export function chanceToHelp(
  place: number,
  own: CueTally,
  studio: CueTally,
  alike: CueTally = noTally,
): number {
  const prior = priorChance(place, studio);
  return (
    (prior * PRIOR_WEIGHT + own.helped + KIND_COUNTS * alike.helped) /
    (PRIOR_WEIGHT + judged(own) + KIND_COUNTS * judged(alike))
  );
}

/** What was judged of the other cues of a kind, all together. */
function ofKind(
  cues: readonly CueToChoose[],
  cue: CueToChoose,
  own: CueKnowledge['own'],
): CueTally {
  const alike = cues.filter((each) => each.kind === cue.kind && each.id !== cue.id);
  return alike.reduce((sum, { id }) => bothTallies(sum, own[id] ?? noTally), noTally);
}

/** Whether a cue helped this client at least as often as it did not. */
const provenWith = ({ helped, same, worse }: CueTally) =>
  helped > 0 && worse === 0 && helped >= same;

/** A cue to try next, with the grounds for it in numbers. */
export interface CueChoice<T extends CueToChoose> {
  cue: T;
  chance: number;
  own: CueTally;
  studio: CueTally;
}

/**
 * The cue to try next for a fault, from those that the catalogue names for it, in its order: the likeliest of the
 * kinds that were not tried last, unless the last one mostly helped; one that made it worse is not offered again. Null where nothing is
 * left to offer.
 */
export function nextCue<T extends CueToChoose>(
  cues: readonly T[],
  { own, studio, lastTried }: CueKnowledge,
): CueChoice<T> | null {
  const tried = cues.find((cue) => cue.id === lastTried);
  // What mostly helped is not given up for one set in which it did not.
  const proven = tried && provenWith(own[tried.id] ?? noTally);
  const triedKind = tried && !proven ? tried.kind : null;
  const choices = cues
    .map((cue, place): CueChoice<T> => {
      const mine = own[cue.id] ?? noTally;
      const theirs = studio[cue.id] ?? noTally;
      return {
        cue,
        chance: chanceToHelp(place, mine, theirs, ofKind(cues, cue, own)),
        own: mine,
        studio: theirs,
      };
    })
    .filter((choice) => choice.own.worse === 0);
  const fresh = choices.filter((choice) => choice.cue.kind !== triedKind);
  const offered =
    fresh.length > 0 ? fresh : choices.filter((choice) => choice.cue.id !== lastTried);
  return offered.reduce<CueChoice<T> | null>(
    (best, choice) => (best && best.chance >= choice.chance ? best : choice),
    null,
  );
}

/** Whether a cue has become the client's own: it helped twice and never made it worse. */
export const isOwnCue = ({ helped, worse }: CueTally): boolean =>
  helped >= OWN_AFTER && worse === 0;

/** Two tallies of one cue together. */
export const bothTallies = (one: CueTally, other: CueTally): CueTally => ({
  helped: one.helped + other.helped,
  same: one.same + other.same,
  worse: one.worse + other.worse,
});

/** A tally with one more judgement. */
export const withOutcome = (tally: CueTally, outcome: CueOutcome): CueTally => ({
  ...tally,
  [outcome]: tally[outcome] + 1,
});

/** The grounds of a choice in words: "helped 5 of 6 here, not yet tried with Oluchi". */
export function choiceGrounds(
  { own, studio }: Pick<CueChoice<CueToChoose>, 'own' | 'studio'>,
  name: string,
): string {
  const here =
    judged(studio) > 0
      ? `helped ${studio.helped} of ${judged(studio)} here`
      : 'not yet judged here';
  const mine =
    judged(own) > 0 ? `${own.helped} of ${judged(own)} with ${name}` : `not yet tried with ${name}`;
  return `${here}, ${mine}`;
}
