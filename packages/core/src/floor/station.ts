import { implementKey, type Implement } from '../room/implement';
import type { Room } from '../room/room';
import type { LiftState, SessionState } from '../session/state';

/** Whether a lift's steps are from a common order of two clients for one bar that still stands. */
export const isSharing = ({ adjusted }: Pick<LiftState, 'adjusted'>): boolean =>
  adjusted !== null && adjusted.barWith !== null;

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
