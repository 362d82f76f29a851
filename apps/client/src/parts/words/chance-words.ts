import { percentText } from '@spalo/core/unit';
/** A chance as it is said: in tens, since it is no finer than that. */
export const chanceText = (chance: number): string =>
  chance >= 0.95
    ? 'over 90%'
    : chance < 0.15
      ? 'under 20%'
      : percentText(Math.round(chance * 10) / 10);
