import { useWindowDimensions } from 'react-native';
import { create } from 'zustand';

/** Pixels of one line height unit (1 rem), as the text size of this device has it; kept by `RemSensor`. */
export const useRem = create<{ px: number }>(() => ({ px: 16 }));

/**
 * How much stands on one screen, by its height in rem: text twice as large leaves half as much. `roomy` a tall phone,
 * `usual` a short one, `tight` either with larger text, `least` text at 200 % or a phone on its side.
 */
export type Space = 'roomy' | 'usual' | 'tight' | 'least';

const ROOMY_REM = 50;
const USUAL_REM = 44;
const TIGHT_REM = 38;

const spaceOf = (rem: number): Space =>
  rem >= ROOMY_REM ? 'roomy' : rem >= USUAL_REM ? 'usual' : rem >= TIGHT_REM ? 'tight' : 'least';

/** From here on a lane shows load, cue, reps and reserve at once. */
const TALL_REM = 62;

/** How much stands on this screen. */
interface OnScreen {
  space: Space;
  /** Only what the moment cannot do without. */
  least: boolean;
  /** Also what is good to see: pictures, whole sentences. */
  ample: boolean;
  tall: boolean;
  flat: boolean;
}

/**
 * How much stands on this screen; `tall` where a moment is not to be chosen, `flat` where it lies on its side, so that
 * things stand beside each other.
 */
export function useSpace(): OnScreen {
  const { width, height } = useWindowDimensions();
  const px = useRem((state) => state.px);
  const rem = height / px;
  const space = spaceOf(rem);
  const least = space === 'least';
  return {
    space,
    least,
    ample: space === 'roomy' || space === 'usual',
    tall: rem >= TALL_REM,
    flat: width > height && least,
  };
}
