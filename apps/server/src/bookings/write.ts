import type { BookingFacts } from '@spalo/contract';
import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import { requireClient } from '../clients/read';
import { announce } from '../db/announce';
import type { StudioDb } from '../db/database';
import { bookings, rooms, trainers } from '../db/schema';
import { teachingIn } from '../own-lifts/teaching';
import { Refusal } from '../http/refusal';

/** A booking as it is written, under an id made on the device. */
type Booked = BookingFacts & { id: string };

const named = <T>(all: readonly (T | null | undefined)[]): T[] => [
  ...new Set(all.filter((each) => each !== null && each !== undefined)),
];

/** Refuses what names a client, trainer, room or lift that this studio does not have. */
async function requireKnown(db: StudioDb, studioId: string, booked: readonly Booked[]) {
  for (const id of named(booked.map(({ clientId }) => clientId)))
    await requireClient(db, studioId, id);
  const trainerIds = named(booked.map(({ trainerId }) => trainerId));
  if (trainerIds.length > 0) {
    const known = await db
      .select({ id: trainers.id })
      .from(trainers)
      .where(and(eq(trainers.studioId, studioId), inArray(trainers.id, trainerIds)));
    if (known.length < trainerIds.length) throw new Refusal('not-found', 'No such trainer');
  }
  const roomIds = named(booked.map(({ roomId }) => roomId));
  if (roomIds.length > 0) {
    const known = await db
      .select({ id: rooms.id })
      .from(rooms)
      .where(and(eq(rooms.studioId, studioId), inArray(rooms.id, roomIds)));
    if (known.length < roomIds.length) throw new Refusal('not-found', 'No such room');
  }
  const liftIds = named(booked.flatMap(({ lifts }) => lifts?.map(({ liftId }) => liftId)));
  if (liftIds.length === 0) return;
  const { byId } = await teachingIn(db, studioId);
  const unknown = liftIds.filter((id) => !byId.has(id));
  if (unknown.length > 0)
    throw new Refusal(
      'invalid-input',
      undefined,
      unknown.map((id) => ({ path: 'body.lifts', message: `No lift ${id} in the catalogue` })),
    );
}

/** What of a booking calendar programs show: a change of it is told to them. */
const shown = ['startsAt', 'minutes', 'state', 'roomId', 'clientId'] as const;

/** One change more where the facts differ in what is shown. */
function asChanged(facts: BookingFacts) {
  const differs = shown
    .filter((fact) => facts[fact] !== undefined)
    .map(
      (fact) =>
        sql`${bookings[fact]} IS DISTINCT FROM excluded.${sql.identifier(bookings[fact].name)}`,
    );
  const isOther = sql.join(differs, sql` OR `);
  return {
    sequence: sql`${bookings.sequence} + CASE WHEN ${isOther} THEN 1 ELSE 0 END`,
    changedAt: sql`CASE WHEN ${isOther} THEN the_time() ELSE ${bookings.changedAt} END`,
  };
}

/** Adds bookings or changes them, all or none. What a booking leaves unsaid stays as it was. */
export async function writeBookings(
  db: StudioDb,
  { studioId, trainerId }: Pick<Who, 'studioId' | 'trainerId'>,
  booked: readonly Booked[],
): Promise<void> {
  await requireKnown(db, studioId, booked);
  for (const { id, ...facts } of booked) {
    await db
      .insert(bookings)
      .values({ studioId, id, trainerId, ...facts })
      .onConflictDoUpdate({
        target: [bookings.studioId, bookings.id],
        set: { ...facts, ...asChanged(facts) },
      });
  }
  await announce(db, studioId, { kind: 'changed', what: 'bookings' });
}

/** Takes a booking away. Refuses `not-found`, and `conflict` where a session was held for it. */
export async function deleteBooking(db: StudioDb, studioId: string, id: string): Promise<void> {
  const { rows } = await db.execute<{ held: boolean }>(sql`
    SELECT EXISTS (SELECT 1 FROM sessions s WHERE s.studio_id = b.studio_id AND s.booking_id = b.id) AS held
    FROM bookings b WHERE b.studio_id = ${studioId}::uuid AND b.id = ${id}::uuid`);
  const [row] = rows;
  if (!row) throw new Refusal('not-found', 'No such booking');
  if (row.held) throw new Refusal('conflict', 'A session was held for this booking');
  await db.delete(bookings).where(and(eq(bookings.studioId, studioId), eq(bookings.id, id)));
  await announce(db, studioId, { kind: 'changed', what: 'bookings' });
}
