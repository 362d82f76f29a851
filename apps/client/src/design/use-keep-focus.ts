import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/**
 * Keeps whoever goes by keyboard from falling out of a place: where the thing in focus is drawn no more, the last button of
 * the place, its main one, has the focus. Answers the ref of the place.
 */
export function useKeepFocus() {
  const place = useRef<View>(null);
  const inside = useRef(false);
  useEffect(() => {
    const note = ({ target }: FocusEvent) => {
      // On the web a view is its element.
      const node = place.current as unknown as HTMLElement | null;
      inside.current = node?.contains(target as Node) ?? false;
    };
    document.addEventListener('focusin', note);
    return () => document.removeEventListener('focusin', note);
  }, []);
  // After every drawing: only then is it known what is gone.
  useEffect(() => {
    if (!inside.current || document.activeElement !== document.body) return;
    const node = place.current as unknown as HTMLElement | null;
    const buttons = node?.querySelectorAll<HTMLElement>('[role="button"]');
    buttons?.[buttons.length - 1]?.focus();
  });
  return place;
}
