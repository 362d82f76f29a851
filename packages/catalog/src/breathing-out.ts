import type { Style } from './schema';

/**
 * A style for clients who must not hold their breath under load: what is inspected and said about the brace asks them
 * to breathe out through the effort instead. Ids stay, so that what was logged with the style keeps its meaning.
 */
export function breathingOut(style: Style): Style {
  const brace = new Set(
    style.checkpoints.filter(({ phase }) => phase === 'brace').map(({ id }) => id),
  );
  let said = 0;
  const cueText = () => {
    said += 1;
    return said === 1 ? 'Breathe out as you push' : 'Keep the air moving';
  };
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
    cues: style.cues.map((cue) =>
      brace.has(cue.checkpointId) ? { ...cue, text: cueText(), kind: 'body' } : cue,
    ),
  };
}
