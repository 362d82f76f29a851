import { useEffect, useRef } from 'react';

/** What is over the screen, the latest last: what Back closes. */
const over: (() => void)[] = [];

/** The part of the Navigation API that is used here; not every browser has it. */
interface Going extends Event {
  navigationType: 'traverse' | 'push' | 'replace' | 'reload';
}

/**
 * Back with something over the screen closes that, and goes nowhere. No entry of its own stands in the browser's history
 * for it: the router counts its entries, and would lose its way among others. Where a browser cannot be held back, Back leaves
 * the screen as ever.
 */
function onNavigate(event: Event) {
  const close = over.at(-1);
  if (!close || !event.cancelable || (event as Going).navigationType !== 'traverse') return;
  event.preventDefault();
  close();
}

/** Lets Back close what is over the screen, and not leave the screen. */
export function useBackCloses(open: boolean, onClose: () => void) {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    if (!open) return undefined;
    const mine = () => close.current();
    const { navigation } = window as { navigation?: EventTarget };
    navigation?.addEventListener('navigate', onNavigate);
    over.push(mine);
    return () => {
      over.splice(over.indexOf(mine), 1);
    };
  }, [open]);
}
