import { useEffect, useRef } from 'react';
import { isPlainKey, pressShortcut } from '../../../design/shortcut';
import { floorKeys } from '../../../parts/lane/floor-keys';

/** Where a lane stands on the screen. */
export const laneElementId = (sessionId: string) => `lane-${sessionId}`;

/** Keys press the buttons of the chosen lane; `n` goes to the next one. */
export function useFloorKeys(
  sessionIds: readonly string[],
  chosen: string | undefined,
  choose: (sessionId: string) => void,
) {
  const before = useRef('');
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // After g a letter goes to a place.
      const goes = before.current === 'g';
      before.current = event.key;
      if (goes) return;
      const known = floorKeys.some(({ key }) => key === event.key);
      // What lies over the lanes has keys of its own.
      const covered = document.querySelector('[role="dialog"]') !== null;
      if (!isPlainKey(event) || event.repeat || !known || covered || chosen === undefined) return;
      if (event.key === 'n') {
        const next = sessionIds[(sessionIds.indexOf(chosen) + 1) % sessionIds.length];
        if (next !== undefined) choose(next);
        return;
      }
      const lane = document.getElementById(laneElementId(chosen));
      if (lane && pressShortcut(event.key, lane)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [sessionIds, chosen, choose]);
}
