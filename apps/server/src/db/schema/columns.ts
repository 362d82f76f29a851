import { sql } from 'drizzle-orm';
import { customType, foreignKey, uuid, type AnyPgColumn } from 'drizzle-orm/pg-core';

/**
 * Every table of a studio is keyed by (studio_id, id): an id made on one studio's device can neither collide with
 * nor reveal one of another's. Row-level security (see the second migration) filters by studio beneath the code.
 */
export const studioId = () => uuid('studio_id').notNull();

/** Times go in and come out as ISO 8601 in UTC with milliseconds, as in the events. */
export const when = customType<{ data: string; driverData: string }>({
  dataType: () => 'timestamp(3) with time zone',
  fromDriver: (value) => new Date(value).toISOString(),
});

/** The time by the clock of who is connected (see `clock.ts`). */
export const now = sql`the_time()`;

type OfStudio = Record<'studioId', AnyPgColumn>;

/** A row that belongs to one of another table of the same studio. */
export const belongsTo = (
  columns: [AnyPgColumn, AnyPgColumn],
  { studioId: studio, id }: OfStudio & Record<'id', AnyPgColumn>,
) => foreignKey({ columns, foreignColumns: [studio, id] });
