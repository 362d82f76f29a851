import { sql } from 'drizzle-orm';

/** Ids, checked by the contract, as one array parameter. */
export const uuidList = (ids: readonly string[]) => sql`${`{${ids.join(',')}}`}::uuid[]`;
