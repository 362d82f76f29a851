import { clientFacts, studioFacts, trainer } from '@spalo/contract';
import type { z } from 'zod';
import { damaged } from './damaged';
import { archivedTables } from './tables';

/** What a row must be beyond what its columns take: as the API would have it. Times are checked by the columns. */
const resources: Readonly<Record<string, z.ZodType>> = {
  studios: studioFacts.partial(),
  trainers: trainer.omit({ id: true }).partial(),
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
};

const camel = (column: string) =>
  column.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());

/**
 * Refuses `invalid-input` for a row of an archive that the API would not have taken, or that names a column which no archive
 * holds: a way in, the mark of the demo.
 */
export function checkRow(table: string, row: Record<string, unknown>): void {
  const { leaves = [] } = archivedTables.find(({ name }) => name === table) ?? {};
  const left = leaves.find((column) => column in row);
  if (left !== undefined) throw damaged(`no archive holds ${table}.${left}`);
  const named = Object.fromEntries(
    Object.entries(row).map(([name, value]) => [camel(name), value]),
  );
  const wrong = resources[table]?.safeParse(named).error?.issues[0];
  if (wrong) throw damaged(`${table}.${wrong.path.join('.')} is not right: ${wrong.message}`);
}
