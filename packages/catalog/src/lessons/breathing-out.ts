import type { Style } from '../schema/lesson';
import type { TaughtCue, TaughtStyle } from '../schema/taught';

const SAID = ['Breathe out as you push', 'Keep the air moving'] as const;

/** What is said of the brace asks to breathe out instead; the first cue of it says how. */
function outLoud<T extends { text: string; kind: TaughtCue['kind'] }>(
  cues: readonly T[],
  isBrace: (cue: T) => boolean,
): T[] {
  let said = 0;
  return cues.map((cue) => {
    if (!isBrace(cue)) return cue;
    const text = said === 0 ? SAID[0] : SAID[1];
    said += 1;
    return { ...cue, text, kind: 'body' };
  });
}

/**
 * A style for clients who must not hold their breath under load: what is said of the brace asks them to breathe out
 * through the effort instead. Ids stay, so that what was logged with the style keeps its meaning.
 */
export const breathingOut = (style: TaughtStyle): TaughtStyle => ({
  ...style,
  cues: outLoud(style.cues, (cue) => cue.phase === 'brace'),
});

/** The same for a whole style, with what is inspected of the brace. */
export function lessonBreathingOut(style: Style): Style {
  const brace = new Set(
    style.checkpoints.filter(({ phase }) => phase === 'brace').map(({ id }) => id),
  );
  return {
    ...style,
    checkpoints: style.checkpoints.map((checkpoint) =>
      brace.has(checkpoint.id)
        ? {
            ...checkpoint,
            look: 'Breath',
            right: 'Breathes in on the easy part and out through the effort; never holds it.',
            why: 'A held breath under load raises the blood pressure steeply.',
          }
        : checkpoint,
    ),
    cues: outLoud(style.cues, (cue) => brace.has(cue.checkpointId)),
  };
}
