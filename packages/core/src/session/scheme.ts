import { schemeSays } from '../words/schemes';

/** How load and reps of a lift go on from session to session, by the trainer's choice: a row of `schemeSays`. */
export type SchemeName = keyof typeof schemeSays;
export const schemeNames = Object.keys(schemeSays) as [SchemeName, ...SchemeName[]];

/** How a linear lift has fared: sessions missed in a row, and how often it had to be set back. */
export interface Misses {
  inARow: number;
  setBacks: number;
}

export const noMisses: Misses = { inARow: 0, setBacks: 0 };
