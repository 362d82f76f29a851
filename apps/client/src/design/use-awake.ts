import { useEffect } from 'react';

/** Keeps the screen on while `awake`, where the browser can; asked again after it was hidden. */
export function useAwake(awake: boolean) {
  useEffect(() => {
    if (!awake || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (over) void held.release();
          else lock = held;
        },
        // A device that saves its battery says no: the screen goes out as it would.
        () => undefined,
      );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [awake]);
}
