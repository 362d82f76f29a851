import { mainFaultIn } from '@spalo/catalog';
import { historyOf, reduceSession, type SessionEvent, type SessionState } from '@spalo/core';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, events, sessions } from '../db/schema';
import { announce } from '../http/change-feed';
import { eventOf } from './read';

/** One row a set, under the names of its columns. */
function setRows(state: SessionState) {
  return state.lifts.flatMap((lift) =>
    lift.sets.map((set) => ({
      id: set.id,
      lift_id: lift.plan.liftId,
      at: set.at,
      kind: set.kind,
      load_g: set.loadG,
      reps: set.reps,
      clean_reps: set.cleanReps,
      rir: set.rir,
      voided: set.voided,
      corrected: set.corrections.length > 0,
    })),
  );
}

/** Sets are voided, never removed, so that an upsert brings the table level with the log. */
async function projectSets(db: StudioDb, studioId: string, state: SessionState): Promise<void> {
  const rows = setRows(state);
  if (rows.length === 0) return;
  await db.execute(sql`
    INSERT INTO sets (studio_id, session_id, client_id, id, lift_id, at, kind, load_g, reps, clean_reps, rir, voided, corrected)
    SELECT ${studioId}::uuid, ${state.id}::uuid, ${state.clientId}::uuid, s.*
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS s(id uuid, lift_id text, at timestamptz, kind text, load_g int, reps smallint, clean_reps smallint,
           rir smallint, voided boolean, corrected boolean)
    ON CONFLICT (studio_id, id) DO UPDATE SET
      at = excluded.at, kind = excluded.kind, load_g = excluded.load_g, reps = excluded.reps,
      clean_reps = excluded.clean_reps, rir = excluded.rir, voided = excluded.voided, corrected = excluded.corrected`);
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
  await projectSets(db, studioId, state);
  if (!before) await announce(db, studioId, { kind: 'changed', what: 'bookings' });
  if (finishedAt !== null || (before && before.finishedAt !== null)) {
    await projectHistory(db, studioId, clientId);
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    await announce(db, studioId, { kind: 'changed', what: 'bookings' });
  }
}
