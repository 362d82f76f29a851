import { platesOf, type Build } from '../room/implement';
import type { Room } from '../room/room';
import type { Step } from '../session/plan';
import { partnerOf } from '../session/pair';
import { countedSets, lastSet, liftIsDone, type SessionState } from '../session/state';
import { buildOf, plateShare } from './build';
import type { TakenPlates } from './taken';
import { stationOf } from './station';

/** What stands at a station, from the latest set done there. */
export interface Stand {
  setId: string;
  build: Build;
  sessionId: string;
  /** Its client is still at it: their latest set was done there, and the lift is not over. */
  inUse: boolean;
}

/** What stands on bars and machines, by station, from all sessions of a room. */
export type Standing = ReadonlyMap<string, Stand>;

/** What stands at each station after the latest set done there, in all these sessions. */
export function standingOf(sessions: readonly SessionState[], room: Room): Standing {
  const standing = new Map<string, Stand>();
  for (const session of sessions.filter(({ roomId }) => roomId === room.id)) {
    const lastOfAll = lastSet(session);
    for (const lift of session.lifts) {
      const last = countedSets(lift).at(-1);
      if (!last) continue;
      const station = stationOf(session, lift, room);
      const before = standing.get(station);
      if (before && before.setId > last.id) continue;
      const { kind, loadG, reps } = last;
      const step = lift.steps[last.step];
      const plates = step?.loadG === loadG ? step.plates : undefined;
      const done: Step = { kind, loadG, reps, purpose: '', restS: 0 };
      const build = buildOf(plates ? { ...done, plates } : done, lift.plan.implement, room, null);
      // Of two lifts in turn, whoever is at one is at the other.
      const partner = partnerOf(lift, session.lifts);
      const at = [last.id, partner && countedSets(partner).at(-1)?.id];
      const inUse = lastOfAll !== null && at.includes(lastOfAll.id) && !liftIsDone(lift);
      if (build) standing.set(station, { setId: last.id, build, sessionId: session.id, inUse });
    }
  }
  return standing;
}

/** The plates on every other station that someone is at: one in use there is not free here. */
export function takenElsewhere(standing: Standing, station: string): TakenPlates {
  const plates = new Map<string, number>();
  const sessionIds: string[] = [];
  for (const [other, { build, inUse, sessionId }] of standing) {
    if (other === station || !inUse || platesOf(build).length === 0) continue;
    sessionIds.push(sessionId);
    for (const { id } of platesOf(build)) {
      plates.set(id, (plates.get(id) ?? 0) + plateShare(build));
    }
  }
  return { plates, sessionIds };
}
