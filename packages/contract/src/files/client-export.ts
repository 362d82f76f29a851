import { z } from 'zod';
import { storedEvent } from '../events/event';
import { instant } from '../primitives/values';
import { booking } from '../resources/booking';
import { client } from '../resources/client';
import { filmFile } from '../resources/film';
import { importedSet } from '../resources/imported';
import { screening } from '../resources/screening';

/** Everything kept about one client; `screening` is null for a trainer who may not open it. */
export const clientExport = z.object({
  format: z.literal('spalo-client'),
  /** 2: events name a stream, and the history is kept by lift. 3: with imported sets. */
  version: z.literal(3),
  exportedAt: instant,
  client,
  screening: screening.nullable(),
  bookings: z.array(booking),
  events: z.array(storedEvent),
  /** What other records brought in. */
  imported: z.array(importedSet),
  /** Files of films and stills; each is fetched by `/films/:id/bytes`. */
  films: z.array(filmFile),
});
