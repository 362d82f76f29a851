import { mainFaultIn } from '@spalo/catalog';
import type { StreamMessage } from '@spalo/contract';
import { historyOf, reduceSession, type SessionEvent, type SessionState } from '@spalo/core';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, sessions } from '../db/schema';

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

/**
 * Brings the projections of one session level with `log`, its whole log, in the caller's transaction.
 * Answers what others should hear about.
 */
export async function projectSession(
  db: StudioDb,
  studioId: string,
  log: readonly SessionEvent[],
): Promise<StreamMessage[]> {
  const state = reduceSession(log);
  if (!state) return [];
  const { clientId, bookingId, trainerId, startedAt, finishedAt } = state;
  const row = { clientId, bookingId, trainerId, startedAt, finishedAt, state };
  const [written] = await db
    .insert(sessions)
    .values({ studioId, id: state.id, ...row })
    .onConflictDoUpdate({ target: [sessions.studioId, sessions.id], set: row })
    .returning({ isNew: sql<boolean>`xmax = 0` });
  await projectSets(db, studioId, state);
  // A session that was ever finished may have left a history, also when it is open again.
  if (!log.some((event) => event.type === 'session.finished')) {
    return written?.isNew ? [{ kind: 'changed', what: 'bookings' }] : [];
  }
  await projectHistory(db, studioId, clientId);
  return [
    { kind: 'changed', what: 'clients' },
    { kind: 'changed', what: 'bookings' },
  ];
}
