import { mainFaultIn } from '@spalo/catalog';
import { historyOf, reduceSession, type SessionEvent, type SessionState } from '@spalo/core';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, events, sessions, sets } from '../db/schema';
import { announce } from '../http/change-feed';
import { eventOf } from './read';

function setRows(studioId: string, state: SessionState): (typeof sets.$inferInsert)[] {
  return state.lifts.flatMap((lift) =>
    lift.sets.map(({ id, at, kind, loadG, reps, cleanReps, rir, voided, corrections }) => ({
      studioId,
      id,
      sessionId: state.id,
      clientId: state.clientId,
      liftId: lift.plan.liftId,
      at,
      kind,
      loadG,
      reps,
      cleanReps,
      rir,
      voided,
      corrected: corrections.length > 0,
    })),
  );
}

async function projectSets(db: StudioDb, rows: (typeof sets.$inferInsert)[]): Promise<void> {
  if (rows.length === 0) return;
  // Sets are voided, never removed, so that an upsert brings the table level with the log.
  const { loadG, reps, cleanReps, rir, voided, corrected, kind, at } = sets;
  const incoming = (column: { name: string }) => sql.raw(`excluded.${column.name}`);
  await db
    .insert(sets)
    .values(rows)
    .onConflictDoUpdate({
      target: [sets.studioId, sets.id],
      set: {
        loadG: incoming(loadG),
        reps: incoming(reps),
        cleanReps: incoming(cleanReps),
        rir: incoming(rir),
        voided: incoming(voided),
        corrected: incoming(corrected),
        kind: incoming(kind),
        at: incoming(at),
      },
    });
}

/** Folds all finished sessions of a client into the history that the next one is drafted from. */
export async function projectHistory(
  db: StudioDb,
  studioId: string,
  clientId: string,
): Promise<void> {
  const rows = await db
    .select({ state: sessions.state })
    .from(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        eq(sessions.clientId, clientId),
        isNotNull(sessions.finishedAt),
      ),
    )
    .orderBy(desc(sessions.startedAt));
  if (rows.length === 0) {
    // The only finished session was reopened: no history, as if there had never been one.
    const { studioId: studio, clientId: client } = clientHistories;
    await db.delete(clientHistories).where(and(eq(studio, studioId), eq(client, clientId)));
    return;
  }
  const history = historyOf(
    rows.map((row) => row.state),
    mainFaultIn,
  );
  await db
    .insert(clientHistories)
    .values({ studioId, clientId, history })
    .onConflictDoUpdate({
      target: [clientHistories.studioId, clientHistories.clientId],
      set: { history },
    });
}

/** Brings the projections of one session level with its log, in the caller's transaction. */
export async function projectSession(
  db: StudioDb,
  studioId: string,
  sessionId: string,
): Promise<void> {
  const ofSession = and(eq(events.studioId, studioId), eq(events.sessionId, sessionId));
  const log: SessionEvent[] = (await db.select().from(events).where(ofSession)).map(eventOf);
  const state = reduceSession(log);
  if (!state) return;
  const key = and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId));
  const [before] = await db
    .select({ finishedAt: sessions.finishedAt, clientId: sessions.clientId })
    .from(sessions)
    .where(key);
  const { clientId, bookingId, trainerId, startedAt, finishedAt } = state;
  const row = { clientId, bookingId, trainerId, startedAt, finishedAt, state };
  await db
    .insert(sessions)
    .values({ studioId, id: sessionId, ...row })
    .onConflictDoUpdate({ target: [sessions.studioId, sessions.id], set: row });
  await projectSets(db, setRows(studioId, state));
  if (!before) await announce(db, studioId, { kind: 'changed', what: 'bookings' });
  if (finishedAt !== null || (before && before.finishedAt !== null)) {
    await projectHistory(db, studioId, clientId);
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    await announce(db, studioId, { kind: 'changed', what: 'bookings' });
  }
}
