import type { Account, Booking } from '@spalo/contract';
import type { BuiltFor } from '@spalo/coaching/builder';
import type { SessionLift } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import type { Fixed } from '@spalo/core/builder';
import { useEffect, useMemo, useState } from 'react';
import { visitOf } from '../../parts/session/visit';
import { weekBounds } from '../../parts/time/day-time';
import { buildInWorker } from '../../state/builder/ask-builder';
import type { BuilderAsk } from '../../state/builder/builder.worker';
import { timesOfTrainer } from '../../state/pasts';
import type { KnownClient } from '../../state/resources/known-client';
import { useTeaching } from '../../state/use-teaching';

/** What the trainer set by hand: the rest is drafted round it. */
interface ByHand {
  minutes: number;
  fixed: readonly Fixed[];
  banned: readonly string[];
}

/** And the lifts as they stood when it was set: what need not change stays. */
interface Asked extends ByHand {
  stood: readonly string[];
}

const USUAL_MINUTES = 60;

/** A session that was built before comes back as it was kept. */
const fromBooking = (booking: Booking | undefined): Asked => ({
  minutes: booking?.minutes ?? USUAL_MINUTES,
  fixed: (booking?.lifts ?? []).map(({ liftId, sets }, place) => ({ liftId, sets, place })),
  banned: [],
  stood: [],
});

/** What the worker said last: what it built, or that it could not. */
interface Answer {
  built: BuiltFor | null;
  failed: boolean;
  /** What it answers. */
  to: BuilderAsk | null;
}

/** A session being built for a client: what it is, and the ways to change it. */
export function useBuilder(
  client: KnownClient,
  room: Room,
  account: Account,
  booking: Booking | undefined,
) {
  const [byHand, setByHand] = useState<Asked>(() => fromBooking(booking));
  const [tries, setTries] = useState(0);
  const own = useTeaching();
  const [answer, setAnswer] = useState<Answer>({ built: null, failed: false, to: null });
  const [now] = useState(() => nowMs());
  const ask = useMemo(() => {
    const at = booking ? Date.parse(booking.startsAt) : now;
    const wish = { ...byHand, week: weekBounds(at, account.studio) };
    const studio = { own, zone: account.studio.zone };
    const others = timesOfTrainer(account.trainer.id, client.id);
    return { visit: visitOf(client, room, account), wish, studio, others, tries };
  }, [client, room, account, booking, byHand, own, tries, now]);
  useEffect(() => {
    let stale = false;
    buildInWorker(ask).then(
      (built) => !stale && setAnswer({ built, failed: false, to: ask }),
      () => !stale && setAnswer({ built: null, failed: true, to: ask }),
    );
    return () => {
      stale = true;
    };
  }, [ask]);
  const lifts = useMemo<SessionLift[]>(
    () =>
      answer.built && 'session' in answer.built
        ? answer.built.session.lifts.map(({ liftId, sets }) => ({ liftId, sets }))
        : [],
    [answer.built],
  );
  return {
    ...byHand,
    built: answer.built,
    failed: answer.failed,
    /** Whether it answers what is asked now. */
    isNew: answer.to === ask,
    lifts,
    ...changes(
      (change) =>
        setByHand((before) => ({ ...change(before), stood: lifts.map(({ liftId }) => liftId) })),
      lifts,
    ),
    startOver: () => setByHand((before) => ({ ...before, fixed: [], banned: [], stood: [] })),
    again: () => setTries(tries + 1),
  };
}

type SetByHand = (change: (before: ByHand) => ByHand) => void;

/** A lift as the trainer set it, with something of it set anew. */
function withFixed(
  { fixed, ...rest }: ByHand,
  liftId: string,
  change: Omit<Fixed, 'liftId'>,
): ByHand {
  const before = fixed.find((each) => each.liftId === liftId) ?? { liftId };
  const others = fixed.filter((each) => each.liftId !== liftId);
  return {
    ...rest,
    banned: rest.banned.filter((id) => id !== liftId),
    fixed: [...others, { ...before, ...change }],
  };
}

const without = (fixed: readonly Fixed[], liftId: string) =>
  fixed.filter((each) => each.liftId !== liftId);

/** The ways to change a session by hand. `lifts`: as it stands. */
function changes(set: SetByHand, lifts: readonly SessionLift[]) {
  return {
    setMinutes: (minutes: number) => set((before) => ({ ...before, minutes })),
    keep: (liftId: string) => set((before) => withFixed(before, liftId, {})),
    letGo: (liftId: string) =>
      set((before) => ({ ...before, fixed: without(before.fixed, liftId) })),
    setSets: (liftId: string, sets: number) => set((before) => withFixed(before, liftId, { sets })),
    /** Gives a lift another place, by so many; the others follow in the order that is best then. */
    move: (liftId: string, by: number) =>
      set((before) => {
        const at = lifts.findIndex((each) => each.liftId === liftId);
        const place = Math.max(0, Math.min(lifts.length - 1, at + by));
        return withFixed(before, liftId, { place });
      }),
    ban: (liftId: string) =>
      set(({ fixed, banned, ...rest }) => ({
        ...rest,
        fixed: without(fixed, liftId),
        banned: [...banned.filter((id) => id !== liftId), liftId],
      })),
    unban: (liftId: string) =>
      set((before) => ({ ...before, banned: before.banned.filter((id) => id !== liftId) })),
    /** Puts another lift in the place of one. */
    swap: (liftId: string, by: string) =>
      set((before) => {
        const place = lifts.findIndex((each) => each.liftId === liftId);
        const gone = {
          ...before,
          fixed: without(before.fixed, liftId),
          banned: [...before.banned, liftId],
        };
        return withFixed(gone, by, place >= 0 ? { place } : {});
      }),
    /** Takes lifts as they are, as of a kept session. */
    take: (taken: readonly SessionLift[]) =>
      set((before) => ({
        ...before,
        banned: [],
        fixed: taken.map(({ liftId, sets }, place) => ({ liftId, sets, place })),
      })),
  };
}

export type Builder = ReturnType<typeof useBuilder>;
