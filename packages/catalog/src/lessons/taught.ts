import { taught } from '../made/taught';
import { teachingHere } from '../studio/here';
import type { Taught, TaughtCue, TaughtFault, TaughtStyle } from '../schema/taught';

const nothing: Taught = {
  styles: [],
  easier: null,
  easierLift: null,
  retired: { styles: {}, cues: {}, faults: {}, checkpoints: {} },
};
const taughtOf = (liftId: string): Taught =>
  teachingHere().taught.get(liftId) ?? (Object.hasOwn(taught, liftId) ? taught[liftId]! : nothing);

/** The styles of a lift, the default first; none for a lift that the catalogue does not hold. */
export const stylesOf = (liftId: string): readonly TaughtStyle[] => taughtOf(liftId).styles;

/** Follows successors from a retired id to one that lives; the id itself where it never retired. */
function current(id: string, successors: Record<string, string>): string {
  const seen = new Set<string>();
  let at = id;
  for (let next = successors[at]; next !== undefined && !seen.has(at); next = successors[at]) {
    seen.add(at);
    at = next;
  }
  return at;
}

/**
 * The style of a lift: the successor of one that was retired, the default for an id that no version held. Throws
 * RangeError for a lift that is not taught.
 */
export function styleOf(liftId: string, styleId: string): TaughtStyle {
  const { styles, retired } = taughtOf(liftId);
  const wanted = current(styleId, retired.styles);
  const style = styles.find(({ id }) => id === wanted) ?? styles[0];
  if (!style) throw new RangeError(`No lesson for ${liftId}`);
  return style;
}

/** The place, `style/id`, that an id of a style has today: by its own successor, else by its style's. */
function placeToday(
  liftId: string,
  styleId: string,
  id: string,
  list: 'cues' | 'faults' | 'checkpoints',
): { style: TaughtStyle | undefined; id: string } {
  const { styles, retired } = taughtOf(liftId);
  const place = `${styleId}/${id}`;
  const moved = current(place, retired[list]);
  const [style, own] =
    moved === place
      ? [current(styleId, retired.styles), id]
      : (moved.split('/') as [string, string]);
  return { style: styles.find((each) => each.id === style), id: own };
}

/** A cue that a log names, as it is taught today; undefined for one that no version of the lesson holds. */
export function cueOf(
  liftId: string,
  styleId: string,
  cueId: string | null,
): TaughtCue | undefined {
  if (cueId === null) return undefined;
  const { style, id } = placeToday(liftId, styleId, cueId, 'cues');
  return style?.cues.find((cue) => cue.id === id);
}

/** A fault that a mark names, as it is taught today; undefined for one that is unknown: never another fault. */
export function faultOf(liftId: string, styleId: string, faultId: string): TaughtFault | undefined {
  const { style, id } = placeToday(liftId, styleId, faultId, 'faults');
  return style?.faults.find((fault) => fault.id === id);
}

/** A checkpoint's id as it is today. */
export const checkpointToday = (liftId: string, styleId: string, checkpointId: string): string =>
  placeToday(liftId, styleId, checkpointId, 'checkpoints').id;

/** Ids of the faults that stop a set. */
export const safetyFaults = (style: TaughtStyle): string[] =>
  style.faults.filter((fault) => fault.weight === 'safety').map((fault) => fault.id);

/** The nearest easier rung of the teaching ladder that is a lift; null where there is none. */
export const easierLiftOf = (liftId: string): string | null => taughtOf(liftId).easierLift;

/** The nearest easier lift on the teaching ladder, in words; null at its foot. */
export const regressionOf = (liftId: string): string | null => taughtOf(liftId).easier;
