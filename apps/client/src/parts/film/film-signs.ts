import type { Style } from '@spalo/catalog';
import type { FilmSign } from '@spalo/core/film/names';
import { pathPoints, type Clip, type LoggedSet, type SetResult } from '@spalo/core/session';
import { repsOf, signsOf, type RepNumbers, type SeenSign } from '@spalo/core/film';

/** The reps of a clip that was followed; empty where it was not. */
export const repsIn = ({ followed }: Pick<Clip, 'followed'>): RepNumbers[] =>
  followed ? repsOf(pathPoints(followed.path), followed.way) : [];

/** A mark that the film suggests, or what it shows where the style has no fault for it. */
export interface SuggestedMark {
  sign: FilmSign;
  /** From 1. */
  rep: number;
  /** What was seen, with its number. */
  says: string;
  /** The fault that it would be a mark of; null where the style has none for it. */
  fault: { id: string; name: string } | null;
  /** What the trainer said: null while nothing. */
  taken: boolean | null;
}

const cm = (mm: number) => `${(mm / 10).toFixed(0)} cm`;
const seconds = (s: number) => `${s.toFixed(1)} s`;

const words: Record<FilmSign, (seen: SeenSign) => string> = {
  'forward at the bottom': ({ amount }) => `${cm(amount)} forward of the foot at the bottom`,
  'short pause': ({ amount, against }) => `still for ${seconds(amount)} of ${seconds(against)}`,
  'depth shrinks': ({ amount }) => `${cm(amount)} less deep than the first reps`,
  'unlike the first': ({ amount }) => `lands ${cm(amount)} from where the others do`,
  'hips before shoulders': ({ amount }) =>
    `the trunk goes ${amount.toFixed(0)}° flatter on the way up`,
};

/** What a followed clip suggests to mark, rep by rep, by the faults of the style that the lift is taught in. */
export function suggestedMarks(
  clip: Pick<Clip, 'followed' | 'answers'>,
  style: Style | undefined,
  /** Signs that points set by hand show, besides those of the path. */
  byPoints: readonly SeenSign[] = [],
): SuggestedMark[] {
  const seen = [...signsOf(repsIn(clip), { pauseS: style?.pause ?? null }), ...byPoints];
  return seen.map((each) => {
    const rep = each.rep + 1;
    const fault = style?.faults.find(({ film }) => film === each.sign) ?? null;
    const answer = clip.answers.find((one) => one.sign === each.sign && one.rep === rep);
    return {
      sign: each.sign,
      rep,
      says: words[each.sign](each),
      fault: fault && { id: fault.id, name: fault.name },
      taken: answer?.taken ?? null,
    };
  });
}

/** A set with one more mark: its rep is no longer a clean one. The set as it is where the mark stands already. */
export function withMark(
  { loadG, reps, cleanReps, marks, rir }: LoggedSet,
  mark: SetResult['marks'][number],
): SetResult {
  const known = marks.some(({ rep, faultId }) => rep === mark.rep && faultId === mark.faultId);
  const wasClean = !marks.some(({ rep }) => rep === mark.rep);
  return {
    loadG,
    reps,
    cleanReps: known || !wasClean ? cleanReps : Math.max(0, cleanReps - 1),
    marks: known ? marks : [...marks, mark],
    rir,
  };
}
