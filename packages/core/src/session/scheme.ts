/** How load and reps of a lift go on from session to session, by the trainer's choice. */
export const schemeNames = [
  'reserve-led',
  'double progression',
  'linear',
  'skill',
  'wave',
] as const;
export type SchemeName = (typeof schemeNames)[number];

/** How a linear lift has fared: sessions missed in a row, and how often it had to be set back. */
export interface Misses {
  inARow: number;
  setBacks: number;
}

export const noMisses: Misses = { inARow: 0, setBacks: 0 };
