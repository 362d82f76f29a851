import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/**
 * Keeps whoever goes by keyboard from falling out of a place: where the thing in focus is drawn no more, the last button of
 * the place, its main one, has the focus. Answers the ref of the place.
 */
export function useKeepFocus() {
  const place = useRef<View>(null);
  const inside = useRef(false);
  /** A thumb or a mouse that taps needs no focus, and would lose its tap where that moves under it. */
  const byKey = useRef(false);
  useEffect(() => {
    const note = ({ target }: FocusEvent) => {
      // On the web a view is its element.
      const node = place.current as unknown as HTMLElement | null;
      inside.current = node?.contains(target as Node) ?? false;
    };
    const keyed = () => {
      byKey.current = true;
    };
    const pointed = () => {
      byKey.current = false;
    };
    document.addEventListener('focusin', note);
    document.addEventListener('keydown', keyed, true);
    document.addEventListener('pointerdown', pointed, true);
    return () => {
      document.removeEventListener('focusin', note);
      document.removeEventListener('keydown', keyed, true);
      document.removeEventListener('pointerdown', pointed, true);
    };
  }, []);
  // After every drawing: only then is it known what is gone.
  useEffect(() => {
    const lost = document.activeElement === document.body;
    if (!inside.current || !byKey.current || !lost) return;
    const node = place.current as unknown as HTMLElement | null;
    const buttons = node?.querySelectorAll<HTMLElement>('[role="button"]');
    buttons?.[buttons.length - 1]?.focus();
  });
  return place;
}
