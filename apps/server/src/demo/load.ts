import { randomBytes } from 'node:crypto';
import { seededRandom } from '@spalo/simulator';
import { and, eq, gte, inArray, lt } from 'drizzle-orm';
import { hashPassword } from '../access/password';
import { inStudio, type Database, type StudioDb } from '../db/database';
import {
  bookings,
  clients,
  clientTrainers,
  events,
  filmFiles,
  filmPieces,
  flags,
  measurements,
  rooms,
  screenings,
  studios,
  trainers,
} from '../db/schema';
import { rebuildStudio } from '../log/rebuild';
import type { DemoFilm } from './films';
import { comingBookings, generateDemo } from './generate';
import { seededIds } from './ids';
import { people } from './people';

const SEED = 4600;
const PIECE = 256 * 1024;
const DAY_MS = 24 * 3600 * 1000;
/** Rows in one insert; PostgreSQL takes at most 65,535 parameters. */
const CHUNK = 2000;

/** Loads the boathouse scenario into an empty database, its projections included. Answers the studio's id. */
export async function loadDemo(
  database: Database,
  now: Date,
  /** Where the demo's films lie. */
  filmsDir: string,
): Promise<string> {
  const demo = generateDemo(SEED, now, filmsDir);
  const studioId = demo.studio.id;
  // Nobody knows this password: the demo trainer signs in by one tap and no other way.
  const passwordHash = await hashPassword(randomBytes(24).toString('base64url'));
  await inStudio(database, studioId, async (db) => {
    await db.insert(studios).values({ ...demo.studio, isDemo: true });
    await db.insert(trainers).values({ studioId, ...demo.trainer, passwordHash, role: 'owner' });
    await db.insert(rooms).values({ studioId, ...demo.room });
    for (const { flags: raised, answers, measurements: measured, ...facts } of demo.clients) {
      const clientId = facts.id;
      await db.insert(clients).values({ studioId, ...facts });
      await db.insert(clientTrainers).values({ studioId, clientId, trainerId: demo.trainer.id });
      if (raised.length > 0) {
        await db.insert(flags).values(raised.map((flag) => ({ studioId, clientId, ...flag })));
      }
      await db
        .insert(measurements)
        .values(measured.map((each) => ({ studioId, clientId, ...each })));
      await db
        .insert(screenings)
        .values({ studioId, clientId, answers, answeredAt: now.toISOString() });
    }
    const trainerId = demo.trainer.id;
    await db
      .insert(bookings)
      .values(demo.bookings.map((booking) => ({ studioId, trainerId, ...booking })));
    for (let from = 0; from < demo.events.length; from += CHUNK) {
      const chunk = demo.events.slice(from, from + CHUNK);
      const rows = chunk.map((event, at) => ({ studioId, seq: from + at + 1, ...event }));
      await db.insert(events).values(rows);
    }
    await db.update(studios).set({ arrivals: demo.events.length }).where(eq(studios.id, studioId));
    await rebuildStudio(db, studioId);
    for (const film of demo.films) await insertFilm(db, studioId, film);
  });
  return studioId;
}

/** A film as it would have come in: whole, in pieces. */
async function insertFilm(
  db: StudioDb,
  studioId: string,
  { id, clientId, sessionId, file, bytes }: DemoFilm,
): Promise<void> {
  const size = bytes.length;
  const about = { clientId, sessionId, kind: 'clip', type: file.type } as const;
  await db.insert(filmFiles).values({ studioId, id, ...about, bytes: size, received: size });
  for (let start = 0; start < size; start += PIECE) {
    const piece = bytes.subarray(start, start + PIECE);
    await db.insert(filmPieces).values({ studioId, fileId: id, start, bytes: piece });
  }
}

/** On a later day the demo's bookings have run out: books today and the coming days anew. Touches nothing else. */
export async function topUpDemoBookings(
  database: Database,
  studioId: string,
  trainerId: string,
  now: Date,
): Promise<void> {
  const today = new Date(now.getFullYear(), now.getMonth(), now.getDate());
  const tomorrow = new Date(today.getTime() + DAY_MS);
  await inStudio(database, studioId, async (db) => {
    const booked = await db
      .select({ id: bookings.id })
      .from(bookings)
      .where(
        and(
          eq(bookings.studioId, studioId),
          gte(bookings.startsAt, today.toISOString()),
          lt(bookings.startsAt, tomorrow.toISOString()),
        ),
      );
    if (booked.length > 0) return;
    const names = people.map((person) => person.name);
    const cast = await db
      .select({ id: clients.id, name: clients.name })
      .from(clients)
      .where(and(eq(clients.studioId, studioId), inArray(clients.name, names)));
    const numbered = cast.map(({ id, name }) => ({ id, index: names.indexOf(name) }));
    const coming = comingBookings(numbered, now, seededIds(seededRandom(now.getTime())));
    if (coming.length === 0) return;
    await db
      .insert(bookings)
      .values(coming.map((booking) => ({ studioId, trainerId, ...booking })));
  });
}
