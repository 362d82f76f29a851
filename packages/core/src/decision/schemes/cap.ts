/** Largest step between sessions for beginners, as a share of the load. */
export const CAP = { upper: 0.05, lower: 0.1 } as const;
