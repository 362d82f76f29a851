import { setsBetween } from '@spalo/coaching/builder';
import type { SessionLift } from '@spalo/core/planning';
import { isInFirstYear } from '@spalo/core/person';
import { findLift } from '@spalo/catalog';
import { coverOfWeek, weeklySets, type DoneSets, type WeekCover } from '@spalo/core/builder';
import type { KnownClient } from '../../state/resources/known-client';
import { formDay, weekBounds, type Almanac } from '../time/day-time';

/** A week of a client as it is looked at. */
export interface WeekOf {
  /** Its first day (2026-11-23). */
  from: string;
  done: readonly DoneSets[];
  cover: WeekCover;
  /** Sets a muscle that it should hold. */
  low: number;
  high: number;
}

/** The week of a client that holds an instant, as far as its sessions are finished. */
export function weekOf(client: KnownClient, atMs: number, almanac: Almanac): WeekOf {
  const bounds = weekBounds(atMs, almanac);
  const done = setsBetween(client.history, bounds.from, bounds.to);
  return {
    from: formDay(Date.parse(bounds.from), almanac.zone),
    done,
    cover: coverOfWeek(done),
    ...weeklySets(isInFirstYear(client)),
  };
}

/** What some lifts would add to a week. */
export const coverOfLifts = (lifts: readonly SessionLift[]): WeekCover =>
  coverOfWeek(
    lifts.flatMap(({ liftId, sets }) => {
      const lift = findLift(liftId);
      return lift ? [{ lift, sets }] : [];
    }),
  );
