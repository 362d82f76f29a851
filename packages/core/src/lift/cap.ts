/** Largest step between sessions, as a share of the load, by the region of a lift; a step is allowed where steps are coarser. */
export const CAP = { upper: 0.05, lower: 0.1 } as const;
