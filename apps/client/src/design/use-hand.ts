import { create } from 'zustand';

/** Which thumb holds the phone; kept by the settings of this device. */
export type Hand = 'right' | 'left';

export const useHandHeld = create<{ hand: Hand }>(() => ({ hand: 'right' }));

/** The order of things in a row, so that the main one is under the thumb. */
export const useHand = (): { row: 'flex-row' | 'flex-row-reverse' } => ({
  row: useHandHeld(({ hand }) => hand) === 'left' ? 'flex-row-reverse' : 'flex-row',
});
