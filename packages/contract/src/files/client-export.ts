import { z } from 'zod';
import { storedEvent } from '../events/event';
import { instant, uuid } from '../primitives/values';
import { booking } from '../resources/booking';
import { client } from '../resources/client';
import { filmFile } from '../resources/film';
import { importedSet } from '../resources/imported';
import { screening, screeningOpening } from '../resources/screening';

/** Everything kept about one client; `screening` is null for a trainer who may not open it. */
export const clientExport = z.object({
  format: z.literal('spalo-client'),
  /** 2: events name a stream, and the history is kept by lift. 3: with imported sets. 4: with who opened the answers, and by whose sign-in each entry came. */
  version: z.literal(4),
  exportedAt: instant,
  client,
  screening: screening.nullable(),
  /** Who opened their answers, or was refused them. */
  openings: z.array(screeningOpening),
  bookings: z.array(booking),
  /** Each with the trainer by whose sign-in it came; null where that was not kept yet. */
  events: z.array(storedEvent.extend({ sentBy: uuid.nullable() })),
  /** What other records brought in. */
  imported: z.array(importedSet),
  /** Files of films and stills; each is fetched by `/films/:id/bytes`. */
  films: z.array(filmFile),
});
