import {
  implementKey,
  type Implement,
  type LiftState,
  type Room,
  type SessionState,
} from '@spalo/core';

const REASON = 'One bar with';

/** Why a lift's steps are as they are, once two clients took a common order for one bar. */
export const sharingReason = (name: string) => `${REASON} ${name}, loaded together`;

/** Whether a lift's steps are from a common order that still stands. */
export const isSharing = (lift: LiftState): boolean =>
  lift.adjusted?.reason.startsWith(REASON) ?? false;

/** How many of an implement a room has: bars are counted, of the rest there is one. */
export const howMany = (implement: Implement, room: Room): number =>
  implement.kind === 'barbell'
    ? (room.bars.find((bar) => bar.id === implement.barId)?.count ?? 1)
    : 1;

/**
 * What a lift is done at, so that whoever works there finds what stands on it: the implement itself where the room has
 * one; where it has several, each client's own, or the one that two of them share.
 */
export function stationOf(session: Pick<SessionState, 'id'>, lift: LiftState, room: Room): string {
  const key = implementKey(lift.plan.implement);
  if (howMany(lift.plan.implement, room) <= 1) return key;
  return `${key}/${isSharing(lift) ? 'shared' : session.id}`;
}
