import {
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type KeyboardCoordinateGetter,
  type KeyboardSensorProps,
} from '@dnd-kit/core';

/** A mouse's press becomes a drag after so many pixels, so that a click still opens. */
const DISTANCE = 6;

/** A finger that rests so long (ms), within so many pixels, lifts; one that moves sooner scrolls the page. */
const REST = { delay: 300, tolerance: 8 };

/** How a day's column is measured: pixels an hour and a day. */
export interface HourScale {
  hourPx: number;
  dayPx: number;
}

/** Arrow keys move a booking by a quarter of an hour, or by a day. */
const byKeys =
  ({ hourPx, dayPx }: HourScale): KeyboardCoordinateGetter =>
  (event, { currentCoordinates: { x, y } }) => {
    const quarter = hourPx / 4;
    const to = {
      ArrowDown: { x, y: y + quarter },
      ArrowUp: { x, y: y - quarter },
      ArrowRight: { x: x + dayPx, y },
      ArrowLeft: { x: x - dayPx, y },
    }[event.code];
    if (!to) return undefined;
    event.preventDefault();
    return to;
  };

/** Moves what was taken up and not the page behind it: the hour it comes to is what the keys are about. */
class HourKeys extends KeyboardSensor {
  constructor(props: KeyboardSensorProps) {
    const { context } = props;
    const still = {
      get current() {
        return { ...context.current, scrollableAncestors: [] };
      },
    };
    super({ ...props, context: still });
  }
}

/** A mouse, a finger that rests on it, or the keys: Space takes a booking up and puts it down, Escape puts it back. */
export const useHourSensors = (scale: HourScale) =>
  useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DISTANCE } }),
    useSensor(TouchSensor, { activationConstraint: REST }),
    useSensor(HourKeys, {
      coordinateGetter: byKeys(scale),
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  );

/** By how many quarters of an hour and by how many days a drag moved. */
export const movedBy = (delta: { x: number; y: number }, { hourPx, dayPx }: HourScale) => ({
  quarters: Math.round(delta.y / (hourPx / 4)),
  days: dayPx > 0 ? Math.round(delta.x / dayPx) : 0,
});
