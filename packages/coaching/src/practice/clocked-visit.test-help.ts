import { buildOf } from '@spalo/core/floor';
import { draftSession } from '@spalo/core/planning';
import type { PlannedLift } from '@spalo/core/session';
import { buildGeneral, plainTaste } from '@spalo/core/warm-up';
import { clockedSession, setUpsOf, temperOf, type Random, type TemperKind } from '@spalo/simulator';
import type { randomVisit } from '../builder/random-visit.test-help';
import { draftInputFor } from '../planning/draft-input';
import { generalInputFor, generalMinutes } from '../planning/general-input';

const DAY_MS = 86_400_000;
/** From one session to the next. */
const DAYS_BETWEEN = 3;

/** Somebody's session as it is drafted, by the clock of a temper drawn for them; null where nothing is to be lifted. */
export function clockedVisit(
  { training, wish, hour }: ReturnType<typeof randomVisit>,
  kind: TemperKind,
  random: Random,
) {
  const { client, room, now } = training;
  const { lifts } = draftSession(draftInputFor(training));
  if (lifts.length === 0) return null;
  const ids = lifts.map(({ liftId }) => liftId);
  const minutes = generalMinutes(wish.minutes, client, now);
  const { steps: general } = buildGeneral(
    generalInputFor(client, ids, { now, hour }, { minutes, taste: plainTaste }),
  );
  const temper = temperOf(kind, random);
  const setUps = setUpsOf(ids, random);
  const trained = (planned: readonly PlannedLift[]) => ({
    lifts: planned,
    general,
    room,
    buildOf: ({ steps, implement }: PlannedLift, step: number) =>
      buildOf(steps[step] ?? steps.at(-1)!, implement, room, null),
  });
  return {
    lifts,
    general,
    room,
    /** The nth session, of lifts as they are planned by then: another chance each time. */
    clocked: (planned: readonly PlannedLift[], nth: number) => {
      const startMs = Date.parse(now) + nth * DAYS_BETWEEN * DAY_MS;
      return clockedSession(trained(planned), temper, setUps, startMs, random);
    },
  };
}
