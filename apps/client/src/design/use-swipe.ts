import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/** How far a finger goes for a swipe, in pixels, and how much more sideways than up or down. */
const FAR = 64;
const SIDEWAYS = 2;

/** Whether something around an element moves sideways itself. */
function scrollsSideways(from: EventTarget | null, until: HTMLElement): boolean {
  for (let node = from as HTMLElement | null; node && node !== until; node = node.parentElement) {
    if (
      node.scrollWidth > node.clientWidth + 1 &&
      /auto|scroll/.test(getComputedStyle(node).overflowX)
    )
      return true;
  }
  return false;
}

/** Calls with 1 for a swipe to the left (on to the next) and -1 for one to the right. Answers the ref of the field. */
export function useSwipe(onSwipe: (by: 1 | -1) => void) {
  const field = useRef<View>(null);
  const latest = useRef(onSwipe);
  useEffect(() => {
    latest.current = onSwipe;
  });
  useEffect(() => {
    // On the web a view is its element.
    const node = field.current as unknown as HTMLElement | null;
    if (!node) return undefined;
    let start: { x: number; y: number } | null = null;
    const begin = ({ touches, target }: TouchEvent) => {
      const [touch] = touches;
      start =
        touches.length === 1 && touch && !scrollsSideways(target, node)
          ? { x: touch.clientX, y: touch.clientY }
          : null;
    };
    const end = ({ changedTouches: [touch] }: TouchEvent) => {
      if (!start || !touch) return;
      const [dx, dy] = [touch.clientX - start.x, touch.clientY - start.y];
      start = null;
      if (Math.abs(dx) < FAR || Math.abs(dx) < SIDEWAYS * Math.abs(dy)) return;
      latest.current(dx < 0 ? 1 : -1);
    };
    node.addEventListener('touchstart', begin, { passive: true });
    node.addEventListener('touchend', end, { passive: true });
    return () => {
      node.removeEventListener('touchstart', begin);
      node.removeEventListener('touchend', end);
    };
  }, []);
  return field;
}
