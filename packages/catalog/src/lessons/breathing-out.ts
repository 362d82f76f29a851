import type { Style } from '../schema/lesson';
import type { TaughtCue, TaughtStyle } from '../schema/taught';

const SAID = ['Breathe out through the hard part', 'Keep the air moving'] as const;

/** Cues that ask to hold the breath ask to breathe out instead, the first of them saying when. */
function outLoud<
  T extends { text: string; kind: TaughtCue['kind']; holdsBreath?: true | undefined },
>(cues: readonly T[]): T[] {
  let said = 0;
  return cues.map((cue) => {
    if (!cue.holdsBreath) return cue;
    const text = said === 0 ? SAID[0] : SAID[1];
    said += 1;
    return { ...cue, text, kind: 'body' };
  });
}

/** One cue as it is said to clients who must not hold their breath. */
export const cueBreathingOut = (cue: TaughtCue): TaughtCue => outLoud([cue])[0]!;

/**
 * A style for clients who must not hold their breath under load: what asks for a held breath asks them to breathe out
 * through the effort instead, and all else stays. Ids stay, so that what was logged with the style keeps its meaning.
 */
export const breathingOut = (style: TaughtStyle): TaughtStyle => ({
  ...style,
  cues: outLoud(style.cues),
});

/** The same for a whole style, with what is inspected of the breath. */
export const lessonBreathingOut = (style: Style): Style => ({
  ...style,
  checkpoints: style.checkpoints.map((checkpoint) =>
    checkpoint.holdsBreath
      ? {
          ...checkpoint,
          look: 'Breath',
          right: 'Breathes in on the easy part and out through the effort; never holds it.',
          why: 'A held breath under load raises the blood pressure steeply.',
        }
      : checkpoint,
  ),
  cues: outLoud(style.cues),
});
