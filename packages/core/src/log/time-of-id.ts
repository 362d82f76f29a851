/** Milliseconds that a UUIDv7 was made at. */
export const timeOfId = (id: string): number => parseInt(id.replace(/-/g, '').slice(0, 12), 16);
