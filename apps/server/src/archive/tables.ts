/** A table of an archive, and the columns that stay behind. */
interface ArchivedTable {
  name: string;
  /** What its rows are ordered by, so that the same studio makes the same archive. */
  order: string;
  leaves?: string[];
  /** Rows read at once; fewer where one is large. */
  rows?: number;
}

/**
 * All that is told of a studio, each table before those that refer to it. What is worked out from the logs is made anew; ways
 * in (passwords, sign-ins, links, calendars' addresses, tokens) are nobody's to carry along.
 */
export const archivedTables: readonly ArchivedTable[] = [
  { name: 'studios', order: 'id', leaves: ['is_demo'] },
  { name: 'trainers', order: 'id', leaves: ['password_hash'] },
  { name: 'rooms', order: 'id' },
  { name: 'own_lifts', order: 'id' },
  { name: 'templates', order: 'id' },
  { name: 'clients', order: 'id' },
  { name: 'client_trainers', order: 'client_id, trainer_id' },
  { name: 'flags', order: 'id' },
  { name: 'measurements', order: 'id' },
  { name: 'screenings', order: 'client_id' },
  { name: 'screening_openings', order: 'id' },
  { name: 'erased_clients', order: 'id' },
  { name: 'bookings', order: 'id' },
  { name: 'events', order: 'seq' },
  { name: 'imports', order: 'id' },
  { name: 'imported_sets', order: 'id' },
  { name: 'film_files', order: 'id' },
  { name: 'film_pieces', order: 'file_id, start', rows: 16 },
];

/** The column that says whose a row is. */
export const studioColumn = (table: string): string => (table === 'studios' ? 'id' : 'studio_id');
