import { cautionsOf, isScreened } from '@spalo/catalog';
import type { Client, ListedClient } from '@spalo/contract';
import { emptyHistory } from '@spalo/core/memory';
import type { Flag } from '@spalo/core/person';
import { and, asc, desc, eq, inArray, max, sql } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import type { StudioDb } from '../db/database';
import { blocks, clientHistories, clients, flags, measurements, screenings } from '../db/schema';
import { freshenHistory } from '../log/project/history';
import { readCoaches } from './coaches';
import { flagOf } from './flag';
import { Refusal } from '../http/refusal';

const historyOfClient = and(
  eq(clientHistories.studioId, clients.studioId),
  eq(clientHistories.clientId, clients.id),
);

/** The rows' own versions: another word with every change, and with no other. */
const mark = sql<string>`concat_ws('.', ${clients}.xmin, ${clientHistories}.xmin, (
  SELECT concat_ws('-', count(*), max(b.xmin::text::bigint)) FROM ${blocks} b
  WHERE b.studio_id = ${clients}.studio_id AND b.client_id = ${clients}.id))`;

/** When the screening questions were last asked: answered, or asked again with nothing new. */
const lastAsked = (answeredAt: string | null, again: string | null): string | null =>
  again !== null && answeredAt !== null && Date.parse(again) > Date.parse(answeredAt)
    ? again
    : answeredAt;

/** Clients of the studio by name, or one of them, with flags and what screening limits. */
export async function readClients(db: StudioDb, who: Who, id?: string): Promise<ListedClient[]> {
  const { studioId, trainerId } = who;
  const rows = await db
    .select({
      facts: clients,
      answers: screenings.answers,
      answeredAt: screenings.answeredAt,
      lastSessionAt: clientHistories.lastSessionAt,
      mark,
    })
    .from(clients)
    .leftJoin(clientHistories, historyOfClient)
    .leftJoin(
      screenings,
      and(eq(screenings.studioId, clients.studioId), eq(screenings.clientId, clients.id)),
    )
    .where(and(eq(clients.studioId, studioId), id === undefined ? undefined : eq(clients.id, id)))
    .orderBy(asc(clients.name), asc(clients.id));
  const ids = rows.map(({ facts }) => facts.id);
  if (ids.length === 0) return [];
  const raised = await db
    .select()
    .from(flags)
    .where(and(eq(flags.studioId, studioId), inArray(flags.clientId, ids)))
    .orderBy(asc(flags.createdAt), asc(flags.id));
  const measured = await db
    .select({ clientId: measurements.clientId, on: max(measurements.day) })
    .from(measurements)
    .where(
      and(
        eq(measurements.studioId, studioId),
        inArray(measurements.clientId, ids),
        eq(measurements.removed, false),
      ),
    )
    .groupBy(measurements.clientId);
  const coachesOf = await readCoaches(db, studioId, ids);
  const flagsOf = new Map<string, Flag[]>(ids.map((each) => [each, []]));
  for (const flag of raised) flagsOf.get(flag.clientId)!.push(flagOf(flag));
  const measuredOn = new Map(measured.map(({ clientId, on }) => [clientId, on]));
  return rows.map(({ facts: row, answers, answeredAt, ...rest }) => {
    const { studioId: _studio, createdAt: _created, updatedAt: _updated, ...facts } = row;
    const coaches = coachesOf.get(facts.id) ?? [];
    return {
      ...facts,
      ...rest,
      flags: flagsOf.get(facts.id)!,
      measuredOn: measuredOn.get(facts.id) ?? null,
      // What the answers limit is for every trainer of the studio; the answers are not.
      cautions: cautionsOf(answers ?? {}),
      screened: isScreened(answers ?? {}),
      screenedAt: lastAsked(answeredAt, facts.askedAgainAt),
      coaches,
      mine: coaches.includes(trainerId),
    };
  });
}

/** The latest blocks of a client, as many as two years hold. */
const BLOCKS = 24;

/** One client with what their sessions and measurements came to; refuses `not-found`. */
export async function readClient(db: StudioDb, who: Who, id: string): Promise<Client> {
  const { studioId } = who;
  await freshenHistory(db, studioId, id);
  const [listed] = await readClients(db, who, id);
  if (!listed) throw new Refusal('not-found', 'No such client');
  const [row] = await db
    .select({ mark, history: clientHistories.history })
    .from(clients)
    .leftJoin(clientHistories, historyOfClient)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id)));
  const measured = await db
    .select({
      id: measurements.id,
      day: measurements.day,
      bodyMassG: measurements.bodyMassG,
      removed: measurements.removed,
    })
    .from(measurements)
    .where(and(eq(measurements.studioId, studioId), eq(measurements.clientId, id)))
    .orderBy(asc(measurements.day), asc(measurements.id));
  const planned = await db
    .select({ state: blocks.state })
    .from(blocks)
    .where(and(eq(blocks.studioId, studioId), eq(blocks.clientId, id)))
    .orderBy(desc(blocks.startedAt), desc(blocks.id))
    .limit(BLOCKS);
  // The mark that goes with this history, should another have come since the list was read.
  return {
    ...listed,
    mark: row?.mark ?? listed.mark,
    history: row?.history ?? emptyHistory,
    measurements: measured,
    blocks: planned.map(({ state }) => state),
  };
}

/** Refuses `not-found` unless the client is one of the studio's. */
export async function requireClient(db: StudioDb, studioId: string, id: string): Promise<void> {
  const found = await db
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id)));
  if (found.length === 0) throw new Refusal('not-found', 'No such client');
}
