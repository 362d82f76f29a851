import type { LogEvent } from '../../packages/core/src/log/index';
import { reduceSession } from '../../packages/core/src/session/index';
import { differences } from './differences';
import type { Stack } from './stack';
import type { Studio } from './studio';
import { secretOf } from './trainer';

/** The log of a studio as its server has it, and what is wrong with it. */
export async function judged(
  stack: Stack,
  studio: Studio,
): Promise<{ events: number; wrong: string[] }> {
  const wrong: string[] = [];
  const rows = await stack.sql<LogEvent & { streamId: string }>(
    `SELECT id, stream, stream_id AS "streamId", type, author, device, payload,
      to_char(at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS at
     FROM events WHERE studio_id = $1 ORDER BY seq`,
    [studio.id],
  );
  const kept = new Map(rows.map((row) => [row.id, row]));
  if (kept.size !== rows.length) wrong.push('an event is there twice');
  const gone = new Set(studio.erased);
  for (const [at, device] of studio.devices.entries()) {
    for (const [id, clientId] of device.acknowledged) {
      if (!gone.has(clientId) && !kept.has(id))
        wrong.push(`device ${at}: ${id} was acknowledged and is missing`);
    }
    for (const entry of device.waiting()) wrong.push(`device ${at}: ${entry.id} still waits`);
    for (const entry of device.refused())
      wrong.push(`device ${at}: ${entry.id} refused: ${entry.refusal}`);
    const { streams } = device.journal.state.getState();
    for (const [sessionId, told] of streams.session) {
      const own = reduceSession(rows.filter(({ streamId }) => streamId === sessionId));
      wrong.push(...differences(`device ${at}, session ${sessionId}`, told, own));
    }
  }
  for (const clientId of gone) {
    const left = await stack.sql<{ place: string }>(
      `SELECT 'events' AS place FROM events WHERE studio_id = $1 AND (payload::text LIKE $2 OR payload::text LIKE $3)
       UNION ALL SELECT 'sessions' FROM sessions WHERE studio_id = $1 AND client_id = $4
       UNION ALL SELECT 'sets' FROM sets WHERE studio_id = $1 AND client_id = $4
       UNION ALL SELECT 'histories' FROM client_histories WHERE studio_id = $1 AND client_id = $4
       UNION ALL SELECT 'clients' FROM clients WHERE studio_id = $1 AND id = $4`,
      [studio.id, `%${secretOf(clientId)}%`, `%${clientId}%`, clientId],
    );
    for (const place of new Set(left.map((row) => row.place)))
      wrong.push(`${clientId} was erased and is in ${place}`);
  }
  return { events: rows.length, wrong };
}

/** The tables that are worked out from the log. */
export async function projections(stack: Stack): Promise<Record<string, unknown[]>> {
  const tables: Record<string, unknown[]> = {};
  for (const table of ['sessions', 'sets', 'client_histories', 'blocks']) {
    tables[table] = await stack.sql(
      `SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY studio_id, to_jsonb(t)::text`,
    );
  }
  return tables;
}
