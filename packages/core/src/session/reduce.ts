import type { LogEvent } from '../log/event';
import { applyLog, orderedLog } from '../log/reduce';
import { standingLog } from '../log/withdraw';
import { eventSteps, type SessionEvent } from './events';
import { pairedAmong } from './pair';
import { newLift, type SessionState } from './state';

type Started = Extract<SessionEvent, { type: 'session.started' }>;
const isStart = (event: LogEvent): event is Started => event.type === 'session.started';

/**
 * The session that a log tells. Pure, and blind to the order of arrival and to repeats, so that every device
 * and the server end in the same state. Null while the event that started the session has not arrived, and where it
 * was taken back: the session was a mistake.
 */
export function reduceSession(events: readonly LogEvent[]): SessionState | null {
  const log = standingLog(orderedLog(events));
  const start = log.find(isStart);
  if (!start) return null;
  const { clientId, bookingId, roomId, unit, lifts, general = [], block } = start.payload;
  const state: SessionState = {
    id: start.streamId,
    startId: start.id,
    clientId,
    bookingId,
    roomId,
    trainerId: start.author,
    unit,
    startedAt: start.at,
    finishedAt: null,
    dayForm: null,
    general: general.map((step) => ({ ...step, state: 'open' })),
    generalSince: start.at,
    swaps: {},
    lifts: pairedAmong(lifts.map(newLift)),
    notes: [],
    ...(block && { block }),
  };
  return applyLog(state, log, eventSteps);
}
