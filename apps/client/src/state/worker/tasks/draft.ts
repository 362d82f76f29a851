import { liftById } from '@spalo/catalog';
import {
  builtProgramme,
  draftInputFor,
  generalInputFor,
  generalMinutes,
  programmeLift,
} from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import {
  draftSession,
  planLift,
  type Arranged,
  type Draft,
  type SessionLift,
} from '@spalo/core/planning';
import type { Plate, Room } from '@spalo/core/room';
import type { PlannedLift, SessionState } from '@spalo/core/session';
import type { StudioRatios } from '@spalo/core/strength';
import type { Unit } from '@spalo/core/unit';
import { buildGeneral, isWarm, type General, type WarmUpTaste } from '@spalo/core/warm-up';
import { profileOfClient, profileToday } from '../../strength';
import { steadyRoom } from './steady-room';

/** A client who is about to train: where, when (ISO, and the hour in the studio's zone), and how they warm up. */
export interface Visit {
  client: Client;
  room: Room;
  unit: Unit;
  now: string;
  hour: number;
  taste: WarmUpTaste;
  /** What the studio's clients teach of its lifts. */
  ratios: StudioRatios;
  /** What was built for the session; absent for the client's own lifts. */
  built?: readonly SessionLift[];
  /** What was booked; absent where nothing was. */
  minutes?: number;
  /** How it gives way to others of its hour; absent where it does not. */
  arranged?: Arranged;
}

export interface WholeDraft extends Draft {
  general: General;
}

/** A lift to plan for a client who is on the floor. */
interface LiftToAdd extends Omit<Visit, 'hour' | 'taste' | 'built' | 'minutes' | 'arranged'> {
  session: SessionState;
  liftId: string;
  standing: Plate[];
}

export const draftTasks = {
  /** Today's session with its ramps and its general part. */
  draft({ client, room, now, hour, taste, ratios, minutes, ...visit }: Visit): WholeDraft {
    const profile = profileOfClient(client, ratios);
    const training = { client, profile, room: steadyRoom(room), unit: visit.unit, now };
    const given = builtProgramme(visit.built);
    const draft = draftSession(draftInputFor(training, given, visit.arranged));
    const ids = draft.lifts.map((lift) => lift.liftId);
    const most = minutes === undefined ? null : generalMinutes(minutes, client, now);
    const wish = { minutes: most, taste };
    return { ...draft, general: buildGeneral(generalInputFor(client, ids, { now, hour }, wish)) };
  },

  /** A lift planned from today's sets too; null when the room has nothing for it. */
  lift({
    client,
    session,
    liftId,
    standing,
    room,
    unit,
    now,
    ratios,
  }: LiftToAdd): PlannedLift | null {
    const entry = programmeLift(liftId);
    const done = session.lifts.filter((lift) => lift.sets.some((set) => !set.voided));
    const warm = isWarm(
      entry.lift,
      done.map((lift) => liftById(lift.plan.liftId)),
    );
    const profile = profileToday(client, session, ratios);
    const training = { client, profile, room: steadyRoom(room), unit, now };
    return planLift(entry, draftInputFor(training, [entry]), warm, standing);
  },
};
