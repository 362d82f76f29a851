/** What stands or hangs in a room that a lift is done at, besides what it is loaded with. */
export const furnitureKinds = [
  'rack',
  'press bench',
  'flat bench',
  'adjustable bench',
  'pull-up bar',
  'dip bars',
  'back-extension bench',
  'box',
  'straps',
  'lane',
] as const;
export type FurnitureKind = (typeof furnitureKinds)[number];

/** What one client takes up while a lift is done: all of these at once. */
export type Place = readonly FurnitureKind[];
