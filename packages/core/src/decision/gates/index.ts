import { flagGate } from './flag';
import { notDoneGate } from './not-done';
import { painGate } from './pain';
import { techniqueGate } from './technique';
import { wayBackGate } from './way-back';

/** In the order in which they are asked; the first that applies decides, and the scheme where none does. */
export const gates = [painGate, flagGate, notDoneGate, techniqueGate, wayBackGate] as const;

/** What decided: a gate, or the scheme by the effort of the sets. */
export type GateName = (typeof gates)[number]['name'] | 'effort';
