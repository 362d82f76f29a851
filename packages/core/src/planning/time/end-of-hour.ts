const MINUTE_MS = 60_000;

/**
 * When a session that began at `startedMs` should be over (ms). Who came early has as long as was booked, who came late ends as
 * booked; where half of that time was gone already, the session was moved, and has as long from its start.
 */
export function endOfHour(
  startedMs: number,
  { startsMs, minutes }: { startsMs: number; minutes: number },
): number {
  const longMs = minutes * MINUTE_MS;
  const wasMoved = startedMs - startsMs > longMs / 2;
  return (wasMoved ? startedMs : Math.min(startedMs, startsMs)) + longMs;
}
