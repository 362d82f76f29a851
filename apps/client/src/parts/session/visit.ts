import { draftInputFor } from '@spalo/coaching';
import type { Account, Client } from '@spalo/contract';
import { draftLoads, type LoadsDraft, type Room, type Unit } from '@spalo/core';
import { useSettings } from '../../state/settings';
import { profileOfClient, ratiosHere } from '../../state/strength';
import type { Visit } from '../../state/worker/tasks/draft';
import { clockTime } from '../time/day-time';

/** The loads of today's session for a client, from what this device knows; its ramps are planned in the worker. */
export function draftFor(client: Client, room: Room, unit: Unit): LoadsDraft {
  const profile = profileOfClient(client);
  return draftLoads(draftInputFor({ client, profile, room, unit, now: new Date().toISOString() }));
}

/** A client about to train here and now, as the worker needs them. */
export function visitOf(client: Client, room: Room, { studio }: Account): Visit {
  const now = new Date().toISOString();
  const hour = Number(clockTime(now, studio.zone).slice(0, 2));
  const { taste } = useSettings.getState();
  return { client, room, unit: studio.unit, now, hour, taste, ratios: ratiosHere() };
}
