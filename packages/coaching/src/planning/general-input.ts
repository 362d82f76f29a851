import { drillsHere, findDrill, findLift } from '@spalo/catalog';
import { memoryOf } from '@spalo/core/memory';
import { isOlder, isRedPlace, openFlags } from '@spalo/core/person';
import { plainTaste, type GeneralInput, type WarmUpTaste } from '@spalo/core/warm-up';
import type { CoachedClient } from '../client/client';

/** A client as the general warm-up sees them. */
export type WarmUpClient = Omit<CoachedClient, 'programme' | 'history'> & {
  history: Pick<CoachedClient['history'], 'lifts' | 'swaps'>;
};

const EARLY_HOUR = 8;

/** Drills done instead of others, by the ids that both have today. */
const swapsToday = (swaps: Record<string, string>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(swaps).map(([instead, by]) => [
      findDrill(instead)?.id ?? instead,
      findDrill(by)?.id ?? by,
    ]),
  );

/** What a client's general part is built from: today's lifts, what the client lacks, and what the trainer prefers. */
export function generalInputFor(
  client: WarmUpClient,
  liftIds: readonly string[],
  when: { now: string; hour: number },
  wish: { minutes: number | null; taste: WarmUpTaste } = { minutes: null, taste: plainTaste },
): GeneralInput {
  return {
    lifts: liftIds.flatMap((liftId) => findLift(liftId) ?? []),
    newLifts: liftIds.filter((liftId) => memoryOf(client.history, liftId).lastDone === null),
    stiff: client.stiff,
    painful: openFlags(client).flatMap(({ place }) => (isRedPlace(place) ? [] : [place])),
    cautions: client.cautions,
    trainingMonths: client.trainingMonths,
    older: isOlder(client, when.now),
    early: when.hour < EARLY_HOUR,
    swaps: swapsToday(client.history.swaps),
    passed: [],
    drills: drillsHere(),
    ...wish,
  };
}

/** The most of a session that its general part may take, of one who is stiff or older, and the least that is worth doing (minutes). */
const GENERAL = { share: 0.2, longer: 0.3, least: 4 } as const;

/** Minutes that the general part of a session of some minutes may take: a fifth, of who is stiff or older a little more. */
export function generalMinutes(
  minutes: number,
  client: Pick<WarmUpClient, 'stiff' | 'birthDate'>,
  now: string,
): number {
  const isLonger = client.stiff.length > 0 || isOlder(client, now);
  const share = isLonger ? GENERAL.longer : GENERAL.share;
  return Math.max(GENERAL.least, Math.round(minutes * share));
}
