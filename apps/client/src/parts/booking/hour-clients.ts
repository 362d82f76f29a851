import { findLift } from '@spalo/catalog';
import { implementsFor } from '@spalo/core/loads';
import {
  likelySeconds,
  neededIn,
  wantsOf,
  type HourClient,
  type HourLift,
  type Needed,
} from '@spalo/core/hour';
import { placesFor, type Room } from '@spalo/core/room';
import type { LoadedLift } from '@spalo/core/session';
import type { HourRow } from './use-hours';

/** About how long the general part of a warm-up takes, seconds. */
const GENERAL_S = 8 * 60;

/** A drafted lift as an hour is arranged from it; nothing of one that is taught no more. */
function hourLift(loaded: LoadedLift, bodyMassG: number, room: Room): HourLift[] {
  const { liftId, implement, loadG } = loaded;
  const lift = findLift(liftId);
  if (!lift) return [];
  const bars = implementsFor(lift, room, bodyMassG).flatMap((other) =>
    other.kind === 'barbell' ? [other.barId] : [],
  );
  return [
    {
      liftId,
      restClass: lift.restClass,
      implement,
      otherBars: implement.kind === 'barbell' ? bars.filter((id) => id !== implement.barId) : [],
      loadG,
      places: placesFor(lift, room),
      seconds: likelySeconds(loaded, lift),
    },
  ];
}

/** Those who come at the same time, as their hour is arranged; times count from when the first of them starts. */
export function hourClientsOf(rows: readonly HourRow[], room: Room): HourClient[] {
  const first = Math.min(...rows.map(({ booking }) => Date.parse(booking.startsAt)));
  return rows.map(({ booking, client, draft }) => ({
    bookingId: booking.id,
    startS: (Date.parse(booking.startsAt) - first) / 1000 + GENERAL_S,
    lifts: (draft?.lifts ?? []).flatMap((lift) => hourLift(lift, client.bodyMassG, room)),
    // Whoever changes position slowly keeps the seated lifts first; two lifts in turn stay together.
    isFixed:
      client.cautions.includes('slow changes') ||
      (draft?.lifts ?? []).some(({ pairedWith }) => pairedWith !== undefined),
  }));
}

/** What a slot needs from its room; nothing while the room is not known. */
export function neededBy(rows: readonly HourRow[]): Needed[] {
  const room = rows[0]?.room;
  return room ? neededIn(wantsOf(hourClientsOf(rows, room)), room) : [];
}
