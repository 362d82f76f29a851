import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

const moves: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/**
 * The keys of a group of radios or tabs after the patterns of WAI-ARIA: arrows take the neighbour, Home and End the ends,
 * Space the one in focus. One item is the tab stop: the one taken. Answers the ref of the group.
 */
export function useArrows(role: 'radio' | 'tab') {
  const group = useRef<View>(null);
  useEffect(() => {
    // On the web a view is its element.
    const node = group.current as unknown as HTMLElement | null;
    if (!node) return undefined;
    const onKey = (event: KeyboardEvent) => {
      const items = [...node.querySelectorAll<HTMLElement>(`[role="${role}"]`)];
      const at = items.indexOf(document.activeElement as HTMLElement);
      if (at < 0) return;
      const ends: Record<string, number> = { Home: 0, End: items.length - 1, ' ': at };
      const step = moves[event.key];
      const to = step ? (at + step + items.length) % items.length : ends[event.key];
      const item = to === undefined ? undefined : items[to];
      if (!item) return;
      event.preventDefault();
      item.focus();
      item.click();
    };
    node.addEventListener('keydown', onKey);
    return () => node.removeEventListener('keydown', onKey);
  }, [role]);
  return group;
}

/** Whether an item of such a group is where Tab stops: the one taken, or the first where none is. */
export const tabStop = (taken: boolean, at: number, anyTaken: boolean): 0 | -1 =>
  taken || (at === 0 && !anyTaken) ? 0 : -1;
