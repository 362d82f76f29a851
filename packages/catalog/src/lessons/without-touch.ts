import type { Style } from '../schema/lesson';
import type { TaughtStyle } from '../schema/taught';

const byTouch = <T extends { id: string; kind: string }>(cues: readonly T[]): Set<string> =>
  new Set(cues.filter(({ kind }) => kind === 'touch').map(({ id }) => id));

/** A style for who has not agreed to be touched: its other cues, and faults that are answered by these. */
export function withoutTouch(style: TaughtStyle): TaughtStyle {
  const gone = byTouch(style.cues);
  return {
    ...style,
    cues: style.cues.filter(({ id }) => !gone.has(id)),
    faults: style.faults.map((fault) => ({
      ...fault,
      cueIds: fault.cueIds.filter((id) => !gone.has(id)),
    })),
  };
}

/** The same for a whole style. */
export function lessonWithoutTouch(style: Style): Style {
  const gone = byTouch(style.cues);
  return {
    ...style,
    cues: style.cues.filter(({ id }) => !gone.has(id)),
    faults: style.faults.map((fault) => ({
      ...fault,
      causes: fault.causes.map((cause) => ({
        ...cause,
        remedies: cause.remedies.filter(
          (remedy) => remedy.kind !== 'cue' || !gone.has(remedy.cueId),
        ),
      })),
    })),
  };
}
