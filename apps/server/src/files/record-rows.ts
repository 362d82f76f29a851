import { findLift, whileTeaching, type Teaching } from '@spalo/catalog';
import type { RecordRow, RecordTable } from '@spalo/contract';
import { daysOf, type BlockState } from '@spalo/core/block';
import { sql, type SQL } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { pagesOf } from '../db/pages';
import { uuidList } from '../db/uuid-list';

/** Whose records, and from which day to which; without any, the whole studio's of all time. */
export interface Choice {
  clientIds?: string[] | undefined;
  from?: string | undefined;
  to?: string | undefined;
}

export interface Studio {
  id: string;
  zone: string;
  teaching: Teaching;
}

const ROWS = 1000;

const ofClients = (column: string, { clientIds }: Choice): SQL =>
  clientIds ? sql`AND ${sql.raw(column)} = ANY(${uuidList(clientIds)})` : sql``;
const onDays = (day: SQL, { from, to }: Choice): SQL =>
  sql`${from ? sql`AND ${day} >= ${from}` : sql``} ${to ? sql`AND ${day} <= ${to}` : sql``}`;
const iso = (time: SQL): SQL =>
  sql`to_char(${time} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const raw = (text: string) => sql.raw(text);

/** What a query must answer for the rows of each table. */
const queries: Record<RecordTable, (studio: Studio, choice: Choice) => SQL> = {
  sets: ({ id, zone }, choice) => {
    const day = sql`to_char(s.at AT TIME ZONE ${sql.raw(`'${zone.replaceAll("'", "''")}'`)}, 'YYYY-MM-DD')`;
    return sql`
    SELECT * FROM (
      SELECT s.client_id AS "clientId", c.name AS client, ${day} AS day, ${iso(raw('s.at'))} AS at,
        s.lift_id AS "liftId", '' AS lift, s.kind, s.load_g AS "loadG", s.reps, s.clean_reps AS "cleanReps", s.rir,
        s.corrected, s.session_id AS "sessionId", NULL::uuid AS "importId", '' AS note, s.id
      FROM sets s JOIN clients c ON c.studio_id = s.studio_id AND c.id = s.client_id
      WHERE s.studio_id = ${raw(`'${id}'`)}::uuid AND NOT s.voided ${ofClients('s.client_id', choice)} ${onDays(day, choice)}
      UNION ALL
      SELECT i.client_id, c.name, i.day, NULL, i.lift_id, '', 'working', i.load_g, i.reps, NULL, i.rir, false, NULL,
        i.import_id, i.note, i.id
      FROM imported_sets i JOIN clients c ON c.studio_id = i.studio_id AND c.id = i.client_id
      WHERE i.studio_id = ${raw(`'${id}'`)}::uuid ${ofClients('i.client_id', choice)} ${onDays(raw('i.day'), choice)}
    ) AS t ORDER BY day, at, id`;
  },
  clients: ({ id }, choice) => sql`
    SELECT c.id AS "clientId", c.name AS client, c.called_name AS "calledName", c.birth_date AS "birthDate", c.sex,
      c.body_mass_g AS "bodyMassG", c.height_mm AS "heightMm", c.training_months AS "trainingMonths", c.goal, c.availability,
      c.phone, c.email, ${iso(raw('c.archived_at'))} AS "archivedAt"
    FROM clients c WHERE c.studio_id = ${raw(`'${id}'`)}::uuid ${ofClients('c.id', choice)} ORDER BY c.name, c.id`,
  bookings: ({ id }, choice) => sql`
    SELECT b.id AS "bookingId", b.client_id AS "clientId", c.name AS client, coalesce(t.name, '') AS trainer,
      ${iso(raw('b.starts_at'))} AS "startsAt", b.minutes, b.state, coalesce(r.name, '') AS room,
      (SELECT x.id FROM sessions x WHERE x.studio_id = b.studio_id AND x.booking_id = b.id
        ORDER BY x.finished_at NULLS LAST, x.id LIMIT 1) AS "sessionId", coalesce(b.series->>'rule', '') AS rule
    FROM bookings b JOIN clients c ON c.studio_id = b.studio_id AND c.id = b.client_id
      LEFT JOIN trainers t ON t.studio_id = b.studio_id AND t.id = b.trainer_id
      LEFT JOIN rooms r ON r.studio_id = b.studio_id AND r.id = b.room_id
    WHERE b.studio_id = ${raw(`'${id}'`)}::uuid ${ofClients('b.client_id', choice)}
      ${onDays(raw("to_char(b.starts_at AT TIME ZONE 'UTC', 'YYYY-MM-DD')"), choice)}
    ORDER BY b.starts_at, b.id`,
  bodies: ({ id }, choice) => sql`
    SELECT m.client_id AS "clientId", c.name AS client, m.day, m.body_mass_g AS "bodyMassG"
    FROM measurements m JOIN clients c ON c.studio_id = m.studio_id AND c.id = m.client_id
    WHERE m.studio_id = ${raw(`'${id}'`)}::uuid AND NOT m.removed ${ofClients('m.client_id', choice)}
      ${onDays(raw('m.day'), choice)}
    ORDER BY m.day, m.id`,
  blocks: ({ id }, choice) => sql`
    SELECT b.state, c.name AS client
    FROM blocks b JOIN clients c ON c.studio_id = b.studio_id AND c.id = b.client_id
    WHERE b.studio_id = ${raw(`'${id}'`)}::uuid ${ofClients('b.client_id', choice)}
      ${onDays(raw("to_char(b.started_at AT TIME ZONE 'UTC', 'YYYY-MM-DD')"), choice)}
    ORDER BY b.started_at, b.id`,
};

/** What a block asks, a row a lift and day. */
function asked({ state, client }: { state: BlockState; client: string }): RecordRow<'blocks'>[] {
  return daysOf(state).flatMap(({ week, day }) =>
    state.lifts.flatMap(({ liftId, weeks }) => {
      const ask = weeks[week]?.[day];
      if (!ask) return [];
      return [
        {
          blockId: state.id,
          clientId: state.clientId,
          client,
          name: state.name,
          startedAt: state.startedAt,
          endedAt: state.endedAt,
          week: week + 1,
          session: day + 1,
          liftId,
          lift: '',
          sets: ask.sets,
          reps: ask.reps,
          targetRir: ask.targetRir,
          share: ask.share ?? 1,
          leftOut: state.leftOut.some((left) => left.week === week && left.day === day),
        },
      ];
    }),
  );
}

/** Rows as the database answers them, as those of the file. */
function rowsFrom<T extends RecordTable>(table: T, found: object[]): RecordRow<T>[] {
  const rows =
    table === 'blocks'
      ? (found as { state: BlockState; client: string }[]).flatMap(asked)
      : found.map((row) => {
          const { id: _id, ...rest } = row as Record<string, unknown>;
          return rest;
        });
  return rows.map((row) => {
    const { liftId } = row as { liftId?: string };
    return liftId === undefined ? row : { ...row, lift: findLift(liftId)?.name ?? liftId };
  }) as unknown as RecordRow<T>[];
}

/** The rows of a table, some at a time, in the caller's transaction. */
export async function* recordRows<T extends RecordTable>(
  db: StudioDb,
  studio: Studio,
  table: T,
  choice: Choice,
): AsyncGenerator<RecordRow<T>[]> {
  for await (const rows of pagesOf(db, queries[table](studio, choice), ROWS)) {
    yield whileTeaching(studio.teaching, () => rowsFrom(table, rows));
  }
}
