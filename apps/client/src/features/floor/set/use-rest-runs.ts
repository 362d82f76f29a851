import { type Rest, restLeft } from '@spalo/core/floor';
import { nowMs } from '@spalo/core/unit';
import { useEffect, useState } from 'react';

/** Whether a rest still runs; changes once, when it ends, and not every second. */
export function useRestRuns(rest: Rest | null): boolean {
  const [endedSince, setEndedSince] = useState<string | null>(null);
  const [seenAt] = useState(() => nowMs());
  const since = rest?.since ?? null;
  const seconds = rest?.seconds ?? 0;
  useEffect(() => {
    if (since === null) return undefined;
    const left = restLeft({ since, seconds, liftId: '' }, nowMs());
    const timer = setTimeout(() => setEndedSince(since), left * 1000);
    return () => clearTimeout(timer);
  }, [since, seconds]);
  return (
    rest !== null &&
    endedSince !== since &&
    (Date.parse(rest.since) >= seenAt || restLeft(rest, seenAt) > 0)
  );
}
