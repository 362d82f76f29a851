import { cautionsOf, isScreened } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import { emptyHistory } from '@spalo/core';
import { and, asc, eq, inArray } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import type { StudioDb } from '../db/database';
import {
  clientHistories,
  clients,
  clientTrainers,
  flags,
  measurements,
  screenings,
} from '../db/schema';
import { flagOf } from './flag';
import { Refusal } from '../http/refusal';

/** Clients of the studio by name, or one of them, with flags, measurements, history and what screening limits. */
export async function readClients(db: StudioDb, who: Who, id?: string): Promise<Client[]> {
  const { studioId, trainerId } = who;
  const rows = await db
    .select()
    .from(clients)
    .leftJoin(
      clientHistories,
      and(eq(clientHistories.studioId, clients.studioId), eq(clientHistories.clientId, clients.id)),
    )
    .leftJoin(
      screenings,
      and(eq(screenings.studioId, clients.studioId), eq(screenings.clientId, clients.id)),
    )
    .leftJoin(
      clientTrainers,
      and(
        eq(clientTrainers.studioId, clients.studioId),
        eq(clientTrainers.clientId, clients.id),
        eq(clientTrainers.trainerId, trainerId),
      ),
    )
    .where(and(eq(clients.studioId, studioId), id === undefined ? undefined : eq(clients.id, id)))
    .orderBy(asc(clients.name), asc(clients.id));
  const ids = rows.map((row) => row.clients.id);
  if (ids.length === 0) return [];
  const raised = await db
    .select()
    .from(flags)
    .where(and(eq(flags.studioId, studioId), inArray(flags.clientId, ids)))
    .orderBy(asc(flags.createdAt), asc(flags.id));
  const measured = await db
    .select()
    .from(measurements)
    .where(and(eq(measurements.studioId, studioId), inArray(measurements.clientId, ids)))
    .orderBy(asc(measurements.day), asc(measurements.id));
  return rows.map((row) => {
    const { studioId: _studio, createdAt: _created, updatedAt: _updated, ...facts } = row.clients;
    return {
      ...facts,
      flags: raised.filter((flag) => flag.clientId === facts.id).map(flagOf),
      measurements: measured
        .filter((each) => each.clientId === facts.id)
        .map(({ id: own, day, bodyMassG }) => ({ id: own, day, bodyMassG })),
      // What the answers limit is for every trainer of the studio; the answers are not.
      cautions: cautionsOf(row.screenings?.answers ?? {}),
      screened: isScreened(row.screenings?.answers ?? {}),
      history: row.client_histories?.history ?? emptyHistory,
      mine: row.client_trainers !== null,
    };
  });
}

/** One client; refuses `not-found`. */
export async function readClient(db: StudioDb, who: Who, id: string): Promise<Client> {
  const [client] = await readClients(db, who, id);
  if (!client) throw new Refusal('not-found', 'No such client');
  return client;
}

/** Refuses `not-found` unless the client is one of the studio's. */
export async function requireClient(db: StudioDb, studioId: string, id: string): Promise<void> {
  const found = await db
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, id)));
  if (found.length === 0) throw new Refusal('not-found', 'No such client');
}
