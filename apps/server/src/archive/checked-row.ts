import {
  bookingFacts,
  clientFacts,
  eventTypes,
  filmFileFacts,
  flagFacts,
  importedSet,
  importRow,
  logEvent,
  measurementFacts,
  ownLiftFacts,
  roomFacts,
  screeningFacts,
  storedEvent,
  studioFacts,
  templateFacts,
  trainer,
} from '@spalo/contract';
import { z } from 'zod';
import { damaged } from './damaged';
import { archivedTables } from './tables';

/** Words of a row that the API only ever sends. */
const words = (most: number) => z.string().max(most);

/** An event as it was told: of this version where it knows the type, else as one that waits for a version that does. */
const event = z.record(z.string(), z.unknown()).transform((row, context) => {
  const at = typeof row.at === 'string' ? new Date(row.at) : null;
  const told = { ...row, ...(at && !Number.isNaN(at.getTime()) && { at: at.toISOString() }) };
  const known = (eventTypes as readonly unknown[]).includes(row.type);
  const [wrong] = (known ? logEvent : storedEvent).safeParse(told).error?.issues ?? [];
  if (wrong) context.addIssue({ code: 'custom', path: wrong.path, message: wrong.message });
  return told;
});

/** What a room of before a kind of implement was known had of it. */
const noImplements = { kettlebells: [], stacks: [], machines: [], bands: [], furniture: null };

/** What a row must be beyond what its columns take: as the API would have it. Times are checked by the columns. */
const resources: Readonly<Record<string, z.ZodType>> = {
  studios: studioFacts.partial(),
  trainers: trainer.omit({ id: true }).partial(),
  rooms: z.preprocess((row) => ({ ...noImplements, ...(row as object) }), roomFacts),
  own_lifts: ownLiftFacts,
  templates: z.object({ content: templateFacts }),
  clients: clientFacts
    .omit({
      consentAt: true,
      filmConsentAt: true,
      touchConsentAt: true,
      guardianConsentAt: true,
      askedAgainAt: true,
      archivedAt: true,
      overrides: true,
      turnedDown: true,
    })
    .partial(),
  flags: flagFacts.partial(),
  measurements: measurementFacts.partial(),
  screenings: screeningFacts,
  bookings: bookingFacts.omit({ startsAt: true }).partial(),
  events: event,
  imports: importRow.omit({ madeAt: true, brought: true }).extend({ fileName: words(200) }),
  imported_sets: importedSet.extend({ note: words(300) }).partial(),
  film_files: filmFileFacts,
  film_pieces: z.object({ start: z.int().min(0) }),
};
/** Tables whose empty columns are fields that the API leaves out. */
const OPTIONAL = new Set(['flags', 'bookings', 'imported_sets']);

const camel = (column: string) =>
  column.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());

/** A row under the names that the API has for its columns. */
function named(table: string, row: Record<string, unknown>): Record<string, unknown> {
  const told = Object.entries(row).filter(([, value]) => value !== null || !OPTIONAL.has(table));
  return Object.fromEntries(told.map(([name, value]) => [camel(name), value]));
}

/**
 * Refuses `invalid-input` for a row of an archive that the API would not have taken, or that names a column which no archive
 * holds: a way in, the mark of the demo. `times` are the columns that hold a time.
 */
export function checkRow(
  table: string,
  row: Record<string, unknown>,
  times: ReadonlySet<string>,
): void {
  const { leaves = [] } = archivedTables.find(({ name }) => name === table) ?? {};
  const left = leaves.find((column) => column in row);
  if (left !== undefined) throw damaged(`no archive holds ${table}.${left}`);
  const endless = Object.entries(row).find(
    ([name, value]) => times.has(name) && /infinity/i.test(String(value)),
  );
  if (endless) throw damaged(`${table}.${endless[0]} is no time`);
  const wrong = resources[table]?.safeParse(named(table, row)).error?.issues[0];
  if (wrong) throw damaged(`${table}.${wrong.path.join('.')} is not right: ${wrong.message}`);
}
