import {
  ageOn,
  openFlags,
  plainTaste,
  type BodyRange,
  type ClientHistory,
  type GeneralInput,
  type Person,
  type WarmUpTaste,
} from '@spalo/core';
import { findLift } from './catalogue';
import { drills } from './drills';

/** A client as the general warm-up sees them. */
export interface WarmUpClient extends Person {
  stiff: readonly BodyRange[];
  history: Pick<ClientHistory, 'lastDone' | 'swaps'>;
}

const EARLY_HOUR = 8;

/** What a client's general part is built from: today's lifts, what the client lacks, and what the trainer prefers. */
export function generalInputFor(
  client: WarmUpClient,
  liftIds: readonly string[],
  when: { now: string; hour: number },
  wish: { minutes: number | null; taste: WarmUpTaste } = { minutes: null, taste: plainTaste },
): GeneralInput {
  return {
    lifts: liftIds.flatMap((liftId) => findLift(liftId) ?? []),
    newLifts: liftIds.filter((liftId) => client.history.lastDone[liftId] === undefined),
    stiff: client.stiff,
    painful: openFlags(client).map((flag) => flag.place),
    cautions: client.cautions,
    trainingMonths: client.trainingMonths,
    age: ageOn(client.birthDate, when.now),
    early: when.hour < EARLY_HOUR,
    swaps: client.history.swaps,
    passed: [],
    drills,
    ...wish,
  };
}
