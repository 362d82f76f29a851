/** Ids of drills that sessions hold and the catalogue no longer does, each with the drill that took its place. */
export const retiredDrills: Record<string, string> = {};
