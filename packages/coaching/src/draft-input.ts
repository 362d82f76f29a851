import type { DraftInput, ProgrammeLift, Room, StrengthProfile, Unit } from '@spalo/core';
import type { CoachedClient } from './client';
import { programmeFor } from './programme';

/** A client about to train: where, in which unit, when (ISO), and what is believed of their strength. */
export interface Training {
  client: CoachedClient;
  profile: StrengthProfile;
  room: Room;
  unit: Unit;
  now: string;
}

/** What a session is drafted from: the client's own lifts, or those given. */
export function draftInputFor(
  { client, profile, room, unit, now }: Training,
  programme: readonly ProgrammeLift[] = programmeFor(client, room, now),
): DraftInput {
  return { programme, person: client, profile, history: client.history, room, unit, now };
}
