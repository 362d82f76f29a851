import { nowMs } from '@spalo/core/unit';
import { useEffect, useState } from 'react';

/** The time in milliseconds, anew each second while `running`; else the time of the first drawing. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(() => nowMs());
  useEffect(() => {
    if (!running) return undefined;
    const tick = () => setNow(nowMs());
    const soon = setTimeout(tick, 0);
    const timer = setInterval(tick, 1000);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
    };
  }, [running]);
  return now;
}
