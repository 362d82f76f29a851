/**
 * How much a flag changes: watch is named on the lane and asked about, and closes nothing; ease leaves the load or style that
 * hurts; closed leaves out what loads the place.
 */
export const flagDegrees = ['watch', 'ease', 'closed'] as const;
export type FlagDegree = (typeof flagDegrees)[number];
