import { filmKinds, filmTypes } from '@spalo/contract';
import { customType, index, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { clients } from './clients';
import { belongsTo, now, studioId, when } from './columns';

const bytea = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'bytea' });

/** Files of films and stills: what they are and how far they have come in. */
export const filmFiles = pgTable(
  'film_files',
  {
    studioId: studioId(),
    id: uuid('id').notNull(),
    clientId: uuid('client_id').notNull(),
    sessionId: uuid('session_id').notNull(),
    kind: text('kind', { enum: filmKinds }).notNull(),
    type: text('type', { enum: filmTypes }).notNull(),
    bytes: integer('bytes').notNull(),
    received: integer('received').notNull().default(0),
    createdAt: when('created_at').notNull().default(now),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    belongsTo([table.studioId, table.clientId], clients),
    index('film_files_client').on(table.studioId, table.clientId),
  ],
);

/** Their bytes, piece by piece. */
export const filmPieces = pgTable(
  'film_pieces',
  {
    studioId: studioId(),
    fileId: uuid('file_id').notNull(),
    /** Where in the file it begins. */
    start: integer('start').notNull(),
    bytes: bytea('bytes').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.fileId, table.start] }),
    belongsTo([table.studioId, table.fileId], filmFiles),
  ],
);
