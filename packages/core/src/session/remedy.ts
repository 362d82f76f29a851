/** What answers a fault besides a cue, in the order in which it is tried. */
export const remedyKinds = ['set-up', 'regression', 'less load', 'corrective'] as const;
export type RemedyKind = (typeof remedyKinds)[number];

/** A remedy for a fault that is no cue, as the lesson words it. */
export interface TakenRemedy {
  faultId: string;
  kind: RemedyKind;
  text: string;
}
