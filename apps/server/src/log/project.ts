import { lifts, mainFaultIn } from '@spalo/catalog';
import type { StreamMessage } from '@spalo/contract';
import { historyOf, reduceSession, type SessionEvent, type SessionState } from '@spalo/core';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, clients, sessions } from '../db/schema';

/** One row a set, under the names of its columns. */
function setRows(state: SessionState) {
  return state.lifts.flatMap((lift) =>
    lift.sets.map((set) => ({
      session_id: state.id,
      client_id: state.clientId,
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
async function projectSets(
  db: StudioDb,
  studioId: string,
  states: readonly SessionState[],
): Promise<void> {
  const rows = states.flatMap(setRows);
  if (rows.length === 0) return;
  await db.execute(sql`
    INSERT INTO sets (studio_id, session_id, client_id, id, lift_id, at, kind, load_g, reps, clean_reps, rir, voided, corrected)
    SELECT ${studioId}::uuid, s.*
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS s(session_id uuid, client_id uuid, id uuid, lift_id text, at timestamptz, kind text, load_g int,
           reps smallint, clean_reps smallint, rir smallint, voided boolean, corrected boolean)
    ON CONFLICT (studio_id, id) DO UPDATE SET
      at = excluded.at, kind = excluded.kind, load_g = excluded.load_g, reps = excluded.reps,
      clean_reps = excluded.clean_reps, rir = excluded.rir, voided = excluded.voided, corrected = excluded.corrected`);
}

/** Writes the sessions as their logs tell them; answers whether one of them was not there before. */
async function projectStates(
  db: StudioDb,
  studioId: string,
  states: readonly SessionState[],
): Promise<boolean> {
  const rows = states.map((state) => ({
    id: state.id,
    client_id: state.clientId,
    booking_id: state.bookingId,
    trainer_id: state.trainerId,
    started_at: state.startedAt,
    finished_at: state.finishedAt,
    state,
  }));
  const { rows: written } = await db.execute<{ is_new: boolean }>(sql`
    INSERT INTO sessions (studio_id, id, client_id, booking_id, trainer_id, started_at, finished_at, state)
    SELECT ${studioId}::uuid, s.*
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS s(id uuid, client_id uuid, booking_id uuid, trainer_id uuid, started_at timestamptz,
           finished_at timestamptz, state jsonb)
    ON CONFLICT (studio_id, id) DO UPDATE SET
      client_id = excluded.client_id, booking_id = excluded.booking_id, trainer_id = excluded.trainer_id,
      started_at = excluded.started_at, finished_at = excluded.finished_at, state = excluded.state
    RETURNING xmax = 0 AS is_new`);
  return written.some((row) => row.is_new);
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
  const [facts] = await db
    .select()
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
  // A session whose client has not arrived is projected with them, when they do.
  if (!facts) return;
  const history = historyOf(
    rows.map((row) => row.state),
    // The belief rests on what the client is and did; flags and cautions only bear on what is offered.
    { mainFaultOf: mainFaultIn, lifts, person: { ...facts, flags: [], cautions: [] } },
  );
  await db
    .insert(clientHistories)
    .values({ studioId, clientId, history })
    .onConflictDoUpdate({
      target: [clientHistories.studioId, clientHistories.clientId],
      set: { history },
    });
}

/** The events of each session, by its id. */
export function logsBySession(events: readonly SessionEvent[]): Map<string, SessionEvent[]> {
  const logs = new Map<string, SessionEvent[]>();
  for (const event of events) {
    const log = logs.get(event.sessionId);
    if (log) log.push(event);
    else logs.set(event.sessionId, [event]);
  }
  return logs;
}

/**
 * Brings the projections of sessions level with their whole logs, in the caller's transaction. Answers what others
 * should hear about.
 */
export async function projectSessions(
  db: StudioDb,
  studioId: string,
  logs: Iterable<readonly SessionEvent[]>,
): Promise<StreamMessage[]> {
  const states: SessionState[] = [];
  const changedClients = new Set<string>();
  for (const log of logs) {
    const state = reduceSession(log);
    if (!state) continue;
    states.push(state);
    // A session that was ever finished may have left a history, also when it is open again.
    if (log.some((event) => event.type === 'session.finished')) changedClients.add(state.clientId);
  }
  if (states.length === 0) return [];
  const anyNew = await projectStates(db, studioId, states);
  await projectSets(db, studioId, states);
  for (const clientId of changedClients) await projectHistory(db, studioId, clientId);
  const messages: StreamMessage[] = [];
  if (changedClients.size > 0) messages.push({ kind: 'changed', what: 'clients' });
  if (changedClients.size > 0 || anyNew) messages.push({ kind: 'changed', what: 'bookings' });
  return messages;
}
