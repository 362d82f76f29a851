import { reduceBlock, type BlockState } from '@spalo/core/block';
import { sql } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';
import { blocks } from '../../db/schema';
import { uuidList } from '../../db/uuid-list';
import type { Projector } from './projector';

async function writeBlocks(db: StudioDb, studioId: string, states: readonly BlockState[]) {
  if (states.length === 0) return;
  const rows = states.map((state) => ({
    id: state.id,
    client_id: state.clientId,
    started_at: state.startedAt,
    ended_at: state.endedAt,
    state,
  }));
  await db.execute(sql`
    INSERT INTO blocks (studio_id, id, client_id, started_at, ended_at, state)
    SELECT ${studioId}::uuid, b.*
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS b(id uuid, client_id uuid, started_at timestamptz, ended_at timestamptz, state jsonb)
    ON CONFLICT (studio_id, id) DO UPDATE SET
      client_id = excluded.client_id, started_at = excluded.started_at, ended_at = excluded.ended_at,
      state = excluded.state`);
}

/** Blocks as their logs tell them; those that were taken back are gone. */
export const blockProjector: Projector = {
  defer: () => Promise.resolve(new Set()),

  async project(db, studioId, logs) {
    const states: BlockState[] = [];
    const gone: string[] = [];
    const broken: string[] = [];
    for (const log of logs) {
      const id = log[0]?.streamId ?? '';
      try {
        const state = reduceBlock(log);
        if (state) states.push(state);
        else gone.push(id);
      } catch {
        // One that cannot be made sense of stays in the log and stops no other.
        broken.push(id);
      }
    }
    if (gone.length > 0) {
      await db.execute(
        sql`DELETE FROM blocks WHERE studio_id = ${studioId}::uuid AND id = ANY(${uuidList(gone)})`,
      );
    }
    await writeBlocks(db, studioId, states);
    return { messages: [{ kind: 'changed', what: 'clients' }], broken };
  },

  async clear(db, studioId) {
    await db.delete(blocks).where(sql`${blocks.studioId} = ${studioId}`);
  },
};
