import { isExpected } from '@spalo/core/planning';
import { and, asc, eq, gte, lte, sql } from 'drizzle-orm';
import ICAL from 'ical.js';
import type { Who } from '../access/sign-in';
import { hashToken, newToken } from '../access/token';
import type { StudioDb } from '../db/database';
import { bookings, calendarFeeds, clients, rooms, studios } from '../db/schema';

type Whose = Pick<Who, 'studioId' | 'trainerId'>;

const ofTrainer = ({ studioId, trainerId }: Whose) =>
  and(eq(calendarFeeds.studioId, studioId), eq(calendarFeeds.trainerId, trainerId));

/** Since when a trainer's calendar has an address; null while it has none. */
export async function feedSince(db: StudioDb, who: Whose): Promise<string | null> {
  const [row] = await db
    .select({ since: calendarFeeds.createdAt })
    .from(calendarFeeds)
    .where(ofTrainer(who));
  return row?.since ?? null;
}

/** Gives a trainer's calendar another address; the token is in the answer and nowhere else. */
export async function makeFeed(
  db: StudioDb,
  who: Whose,
): Promise<{ token: string; since: string }> {
  const token = newToken();
  const tokenHash = hashToken(token);
  const [row] = await db
    .insert(calendarFeeds)
    .values({ studioId: who.studioId, trainerId: who.trainerId, tokenHash })
    .onConflictDoUpdate({
      target: [calendarFeeds.studioId, calendarFeeds.trainerId],
      set: { tokenHash, createdAt: sql`the_time()` },
    })
    .returning({ since: calendarFeeds.createdAt });
  return { token, since: row!.since };
}

export async function endFeed(db: StudioDb, who: Whose): Promise<void> {
  await db.delete(calendarFeeds).where(ofTrainer(who));
}

const DAY_MS = 24 * 3600 * 1000;
const AGAIN = ICAL.Duration.fromSeconds(900);
/** How far back and ahead a calendar goes. */
const SPAN = { back: 60 * DAY_MS, ahead: 370 * DAY_MS } as const;

/**
 * A trainer's bookings as a calendar (RFC 5545). Times are instants in UTC, which every program shows in its own zone and right
 * across clock changes. Of a client it says what they are called and nothing of their health.
 */
export async function calendarOf(db: StudioDb, who: Whose, nowMs: number): Promise<string> {
  const at = (ms: number) => new Date(ms).toISOString();
  const [studio] = await db.select().from(studios).where(eq(studios.id, who.studioId));
  const here = await db
    .select({ id: rooms.id, name: rooms.name })
    .from(rooms)
    .where(eq(rooms.studioId, who.studioId));
  // Where there is one room, it is there.
  const only = here.length === 1 ? here[0] : undefined;
  const rows = await db
    .select({ booking: bookings, name: clients.name, called: clients.calledName })
    .from(bookings)
    .innerJoin(
      clients,
      and(eq(clients.studioId, bookings.studioId), eq(clients.id, bookings.clientId)),
    )
    .where(
      and(
        eq(bookings.studioId, who.studioId),
        eq(bookings.trainerId, who.trainerId),
        gte(bookings.startsAt, at(nowMs - SPAN.back)),
        lte(bookings.startsAt, at(nowMs + SPAN.ahead)),
      ),
    )
    .orderBy(asc(bookings.startsAt), asc(bookings.id));
  const calendar = component('vcalendar', {
    version: '2.0',
    prodid: '-//spalo//calendar//EN',
    method: 'PUBLISH',
    name: studio!.name,
    'x-wr-calname': studio!.name,
    // Programs that follow it ask again so often.
    'refresh-interval': AGAIN,
    'x-published-ttl': AGAIN,
  });
  for (const { booking, name, called } of rows) {
    const startMs = Date.parse(booking.startsAt);
    const changed = instant(Date.parse(booking.changedAt));
    const room = here.find(({ id }) => id === booking.roomId) ?? only;
    const event = component('vevent', {
      uid: `${booking.id}@spalo`,
      // The same as long as nothing changed, so that who has the calendar need not fetch it again.
      dtstamp: changed,
      'last-modified': changed,
      sequence: booking.sequence,
      dtstart: instant(startMs),
      dtend: instant(startMs + booking.minutes * 60_000),
      summary: called || name,
      status: isExpected(booking) ? 'CONFIRMED' : 'CANCELLED',
      ...(room && { location: room.name }),
    });
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

const instant = (ms: number) => ICAL.Time.fromJSDate(new Date(ms), true);

function component(
  name: string,
  properties: Record<string, string | number | ICAL.Time | ICAL.Duration>,
) {
  const made = new ICAL.Component(name);
  for (const [property, value] of Object.entries(properties)) {
    made.addPropertyWithValue(property, value);
  }
  return made;
}
