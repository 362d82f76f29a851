import { builtProgramme, draftInputFor } from '@spalo/coaching';
import type { Account, Booking, Client } from '@spalo/contract';
import { draftLoads, type LoadsDraft } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import { nowIso, type Unit } from '@spalo/core/unit';
import { useSettings } from '../../state/settings';
import { profileOfClient, ratiosHere } from '../../state/strength';
import type { Visit } from '../../state/worker/tasks/draft';
import { clockTime } from '../time/day-time';

/** The loads of today's session for a client, from what this device knows; its ramps are planned in the worker. */
export function draftFor(
  client: Client,
  room: Room,
  unit: Unit,
  booking: Pick<Booking, 'lifts' | 'arranged'> = {},
): LoadsDraft {
  const profile = profileOfClient(client);
  const training = { client, profile, room, unit, now: nowIso() };
  const given = builtProgramme(booking.lifts);
  return draftLoads(draftInputFor(training, given, booking.arranged ?? undefined));
}

/** A client about to train here and now, as the worker needs them. */
export function visitOf(
  client: Client,
  room: Room,
  { studio }: Account,
  booking?: Pick<Booking, 'lifts' | 'minutes' | 'arranged'>,
): Visit {
  const now = nowIso();
  const hour = Number(clockTime(now, studio.zone).slice(0, 2));
  const { taste } = useSettings.getState();
  const visit = { client, room, unit: studio.unit, now, hour, taste, ratios: ratiosHere() };
  return {
    ...visit,
    ...(booking && { minutes: booking.minutes }),
    ...(booking?.lifts && { built: booking.lifts }),
    ...(booking?.arranged && { arranged: booking.arranged }),
  };
}
