import type { Flag } from '@spalo/core/person';
import type { flags } from '../db/schema';

/** A row of the table as the flag that it keeps. */
export const flagOf = ({
  id,
  place,
  side,
  note,
  fine,
  since,
  saidBy,
  state,
  usualPain,
  degree,
  worst,
  closedOn,
}: typeof flags.$inferSelect): Flag => ({
  id,
  place,
  side,
  note,
  fine,
  since,
  saidBy,
  state,
  usualPain,
  ...(degree !== null && { degree }),
  ...(worst !== null && { worst }),
  ...(closedOn !== null && { closedOn }),
});
