import type {
  Band,
  Barbell,
  Dumbbell,
  Furniture,
  Kettlebell,
  Machine,
  Plate,
  Stack,
} from '@spalo/core/room';
import { jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { studioId } from './columns';
import { studios } from './studios';

export const rooms = pgTable(
  'rooms',
  {
    studioId: studioId().references(() => studios.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    bars: jsonb('bars').$type<Barbell[]>().notNull(),
    plates: jsonb('plates').$type<Plate[]>().notNull(),
    dumbbells: jsonb('dumbbells').$type<Dumbbell[]>().notNull(),
    kettlebells: jsonb('kettlebells').$type<Kettlebell[]>().notNull().default([]),
    stacks: jsonb('stacks').$type<Stack[]>().notNull().default([]),
    machines: jsonb('machines').$type<Machine[]>().notNull().default([]),
    bands: jsonb('bands').$type<Band[]>().notNull().default([]),
    furniture: jsonb('furniture').$type<Furniture[]>(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);
