import { countedSets, type SessionState } from '@spalo/core/session';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';
import { uuidList } from '../../db/uuid-list';

/** One row a set, under the names of its columns; what does not count, as a duplicate, is voided here. */
function setRows(state: SessionState) {
  return state.lifts.flatMap((lift) => {
    const counted = countedSets(lift);
    return lift.sets.map((set) => ({
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
      voided: !counted.includes(set),
      corrected: set.corrections.length > 0,
    }));
  });
}

/** Brings the table level with what the sessions tell: a set that was removed is voided, one that was taken back is gone. */
export async function projectSets(
  db: StudioDb,
  studioId: string,
  states: readonly SessionState[],
): Promise<void> {
  if (states.length === 0) return;
  const rows = states.flatMap(setRows);
  await db.execute(sql`
    DELETE FROM sets WHERE studio_id = ${studioId}::uuid
      AND session_id = ANY(${uuidList(states.map(({ id }) => id))})
      AND NOT id = ANY(${uuidList(rows.map(({ id }) => id))})`);
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
