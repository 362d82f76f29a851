/** The columns of a room as CSV, one row an item; docs/data-formats.md describes each. */
export const roomColumns = [
  'kind',
  'name',
  'mass',
  'unit',
  'count',
  'diameter_mm',
  'thickness_mm',
  'sleeve_mm',
  'bar_kind',
  'handle_mm',
  'fits',
  'station',
  'first',
  'step',
  'positions',
  'add_ons',
  'ratio',
  'assisted',
  'horns',
  'rest',
  'stretched',
] as const;
export type RoomColumn = (typeof roomColumns)[number];
/** The filled cells of one item. */
export type RoomRow = Partial<Record<RoomColumn, string>>;
