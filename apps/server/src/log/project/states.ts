import { STATE_VERSION, type SessionState } from '@spalo/core/session';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';

/** Writes the sessions as their logs tell them; answers whether one of them was not there before. */
export async function projectStates(
  db: StudioDb,
  studioId: string,
  states: readonly SessionState[],
): Promise<boolean> {
  if (states.length === 0) return false;
  const rows = states.map((state) => ({
    id: state.id,
    client_id: state.clientId,
    booking_id: state.bookingId,
    trainer_id: state.trainerId,
    started_at: state.startedAt,
    finished_at: state.finishedAt,
    state,
    state_version: STATE_VERSION,
  }));
  const { rows: written } = await db.execute<{ is_new: boolean }>(sql`
    INSERT INTO sessions (studio_id, id, client_id, booking_id, trainer_id, started_at, finished_at, state, state_version)
    SELECT ${studioId}::uuid, s.*
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS s(id uuid, client_id uuid, booking_id uuid, trainer_id uuid, started_at timestamptz,
           finished_at timestamptz, state jsonb, state_version int)
    ON CONFLICT (studio_id, id) DO UPDATE SET
      client_id = excluded.client_id, booking_id = excluded.booking_id, trainer_id = excluded.trainer_id,
      started_at = excluded.started_at, finished_at = excluded.finished_at, state = excluded.state,
      state_version = excluded.state_version, stale = false
    RETURNING xmax = 0 AS is_new`);
  return written.some((row) => row.is_new);
}
