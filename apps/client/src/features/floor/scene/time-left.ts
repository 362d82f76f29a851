import { restLeft } from '@spalo/core/floor';
import { endOfHour, sessionDuration } from '@spalo/core/time';
import type { PlannedLift } from '@spalo/core/session';
import { countedSets } from '@spalo/core/session';
import { useMemo } from 'react';
import { useNow } from '../../../design/use-now';
import type { LaneView } from '../../../parts/lane/lane-view';
import { stepsAhead, type LiftView } from '../../../parts/lane/lift-view';
import { paceHere } from '../../../parts/session/pace-here';
import { dayBounds } from '../../../parts/time/day-time';
import { useBookings } from '../../../state/queries';
import { useLane } from './lane-scene';

const MINUTE_MS = 60_000;
/** An hour, where nothing was booked. */
const USUAL_MINUTES = 60;

/** The lifts of a lane that still have sets to do. */
export const liftsToDo = ({ lifts }: Pick<LaneView, 'lifts'>): LiftView[] =>
  lifts.filter(({ state, next }) => !state.skipped && next.kind === 'step');

/** A lift as what is left of it; a climb that has begun is planned set by set. */
function planLeft(view: LiftView): PlannedLift {
  const { climb, ...plan } = view.state.plan;
  const begun = countedSets(view.state, 'working').length > 0;
  return { ...plan, ...(climb && !begun && { climb }), steps: stepsAhead(view) };
}

/** Steps of the general part that are still to do; none once the lifts have begun. */
export const generalToDo = ({ general }: Pick<LaneView, 'general'>) =>
  general.active ? general.steps.filter(({ state }) => state === 'open') : [];

/** What is still to do in a lane, at the client's pace, seconds; the rest that runs is part of it. */
function secondsToDo(lane: LaneView, trainerId: string, nowMs: number): number {
  const { client, room, rest } = lane;
  const pace = client && paceHere(client, trainerId);
  // What is said before the first step has been said.
  const { totalS } = sessionDuration(
    liftsToDo(lane).map(planLeft),
    generalToDo(lane),
    room,
    pace && { ...pace, beforeS: 0 },
  );
  return totalS + (rest ? restLeft(rest, nowMs) : 0);
}

/** When a lane's session should be over (ms), and whether that was booked. */
export function useEnds(): { endsMs: number; booked: boolean } {
  const { lane, account } = useLane();
  const { startedAt, bookingId } = lane.session;
  const { from, to } = dayBounds(Date.parse(startedAt), account.studio.zone);
  const { data: bookings = [] } = useBookings(from, to, account.trainer.id);
  const booking = bookings.find(({ id }) => id === bookingId);
  const { startsAt, minutes } = booking ?? { startsAt: startedAt, minutes: USUAL_MINUTES };
  const endsMs = endOfHour(Date.parse(startedAt), { startsMs: Date.parse(startsAt), minutes });
  return { endsMs, booked: booking !== undefined };
}

/** Minutes that are left of what was booked (below zero: over it) and by how many it will likely end late; null without a booking. */
export function useTimeLeft(): { left: number; late: number } | null {
  const { lane, account } = useLane();
  const { endsMs, booked } = useEnds();
  const minute = Math.floor(useNow(booked) / MINUTE_MS) * MINUTE_MS;
  const doneMs = useMemo(
    () => minute + secondsToDo(lane, account.trainer.id, minute) * 1000,
    [lane, account, minute],
  );
  if (!booked) return null;
  return {
    left: Math.round((endsMs - minute) / MINUTE_MS),
    late: Math.round((doneMs - endsMs) / MINUTE_MS),
  };
}
