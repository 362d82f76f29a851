import { useEffect, useRef } from 'react';

/** What is over the screen, the latest last: what Back closes. */
const over: (() => void)[] = [];

/** Names the entry of the browser's history that stands for whatever is over the screen. */
const MARK = 'over';
/** A sheet that makes way for another, or for another screen, has done so by then. */
const SETTLED_MS = 100;
let settling: ReturnType<typeof setTimeout> | undefined;

type Marked = { [MARK]?: boolean } | null;
const isMarked = () => Boolean((window.history.state as Marked)?.[MARK]);

/** One entry while something is over the screen, none once nothing is. */
function settle() {
  clearTimeout(settling);
  if (over.length > 0) {
    // What else stands in the entry is the router's: to it this is the same place.
    if (!isMarked()) window.history.pushState({ ...window.history.state, [MARK]: true }, '');
    return;
  }
  settling = setTimeout(() => {
    // Another screen may be over the entry by now; then it is passed on the way back.
    if (over.length === 0 && isMarked()) window.history.back();
  }, SETTLED_MS);
}

function onPop() {
  // An entry that nothing is over any more, as on the way back from another screen.
  if (isMarked() && over.length === 0) window.history.back();
  if (!isMarked()) over.at(-1)?.();
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
    window.addEventListener('popstate', onPop);
    over.push(mine);
    settle();
    return () => {
      over.splice(over.indexOf(mine), 1);
      settle();
    };
  }, [open]);
}
