import type { Lift } from '@spalo/core/lift';
import type { OwnLift, OwnStyle } from '@spalo/core/technique';
import type { Lesson } from '../schema/lesson';
import type { Taught } from '../schema/taught';

/** The facts of a lift that a studio added: those of the lift it is like, under its own name. */
export const ownFacts = ({ liftId, added }: OwnLift, lift: Lift): Lift =>
  added ? { ...lift, id: liftId, name: added.name, like: lift.id } : lift;

/** The styles of a lift and those that the studio wrote, each from the one it begins as. */
const withWritten = <S extends { id: string; name: string }>(
  styles: readonly S[],
  own: OwnLift,
  written: (base: S, style: OwnStyle) => S,
): S[] => [
  ...styles,
  ...own.styles.flatMap((style) => {
    const base = styles.find(({ id }) => id === style.from) ?? styles[0];
    return base ? [written(base, style)] : [];
  }),
];

/** What the studio did not hide of a list; all of it where nothing else would be left, since a style needs some. */
function notHidden<T extends { id: string }>(
  list: readonly T[],
  { hidden }: OwnLift,
  others: number,
): readonly T[] {
  const kept = list.filter(({ id }) => !hidden.includes(id));
  return others + kept.length > 0 ? kept : list;
}

const inStyle = ({ cues }: OwnLift, { id }: { id: string }) =>
  cues.filter(({ styleIds }) => styleIds.includes(id));

/** What the floor needs of a lift at once, with what the studio added, hid and wrote. */
export function ownTaught(own: OwnLift, taught: Taught): Taught {
  const whole = withWritten(taught.styles, own, (base, { id, name }) => ({ ...base, id, name }));
  const styles = whole.map((style) => {
    const written = inStyle(own, style).map(({ styleIds: _styles, ...cue }) => cue);
    return { ...style, cues: [...written, ...notHidden(style.cues, own, written.length)] };
  });
  return { ...taught, styles };
}

/** The same for a whole lesson. */
export function ownLesson(own: OwnLift, lesson: Lesson): Lesson {
  const whole = withWritten(lesson.styles, own, (base, { from: _from, ...style }) => ({
    ...base,
    ...style,
  }));
  const styles = whole.map((style) => {
    const checkpoints = [
      ...notHidden(style.checkpoints, own, 0),
      ...own.checkpoints
        .filter(({ styleId }) => styleId === style.id)
        .map(({ styleId: _style, ...point }) => point),
    ];
    const at = new Set(checkpoints.map(({ id }) => id));
    const written = inStyle(own, style)
      .filter(({ checkpointId }) => at.has(checkpointId))
      .map(({ styleIds: _styles, phase: _phase, ...cue }) => cue);
    const cues = [...written, ...notHidden(style.cues, own, written.length)];
    return { ...style, checkpoints, cues };
  });
  const ladder = lesson.ladder.map((rung) =>
    own.added && rung.place === 'this'
      ? { ...rung, name: own.added.name, liftId: own.liftId }
      : rung,
  );
  return { ...lesson, liftId: own.liftId, styles, ladder };
}
