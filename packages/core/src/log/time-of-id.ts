/** Milliseconds that a UUIDv7 was made at. */
export const timeOfId = (id: string): number => parseInt(id.replace(/-/g, '').slice(0, 12), 16);

/** The same of any id: NaN for one that does not say when it was made. */
export const madeMs = (id: string): number => (id[14] === '7' ? timeOfId(id) : NaN);
