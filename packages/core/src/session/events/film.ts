import type { Steps } from '../../log/reduce';
import {
  type Clip,
  type ClipFile,
  type Followed,
  type Review,
  type SignAnswer,
  type Still,
} from '../film';
import { onLift, onSet, type LiftState, type SessionState } from '../state';

/** What films of sets show, and what was said about them. */
export interface FilmPayloads {
  /** A set was filmed; the file itself is kept apart, under `clipId`. */
  'clip.filmed': ClipFile & { clipId: string; setId: string };
  /** The bar was followed through a clip; followed anew, the later one stands. */
  'clip.followed': Followed & { clipId: string };
  'sign.answered': SignAnswer & { clipId: string };
  'still.kept': Omit<Still, 'id'> & { stillId: string };
  /** Good, keep on, change: of a lift, written while looking at its sets. All empty takes it away. */
  'review.written': Review & { liftId: string };
}

/** Changes a clip of the session; nothing where the session does not hold it (yet). */
function onClip(
  lifts: readonly LiftState[],
  clipId: string,
  change: (clip: Clip, lift: LiftState) => void,
): void {
  for (const lift of lifts) {
    const clip = lift.clips.find(({ id }) => id === clipId);
    if (clip) change(clip, lift);
  }
}

export const filmSteps: Steps<SessionState, FilmPayloads> = {
  'clip.filmed': (state, { clipId, setId, ...file }, { id: eventId, at }) =>
    onSet(state, setId, (_set, lift) => {
      lift.clips.push({ ...file, id: clipId, setId, eventId, at, followed: null, answers: [] });
    }),
  'clip.followed': (state, { clipId, ...followed }) =>
    onClip(state.lifts, clipId, (clip) => {
      clip.followed = followed;
    }),
  'sign.answered': (state, { clipId, ...answer }) =>
    onClip(state.lifts, clipId, (clip) => {
      const others = clip.answers.filter(
        ({ sign, rep }) => sign !== answer.sign || rep !== answer.rep,
      );
      clip.answers = [...others, answer];
    }),
  'still.kept': (state, { stillId, ...still }) =>
    onClip(state.lifts, still.clipId, (_clip, lift) => {
      lift.stills.push({ ...still, id: stillId });
    }),
  'review.written': (state, { liftId, ...review }) =>
    onLift(state, liftId, (lift) => {
      lift.review = review.good || review.keepOn || review.change ? review : null;
    }),
};
