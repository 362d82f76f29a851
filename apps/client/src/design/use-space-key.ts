import { useEffect } from 'react';

/** What Space turns over, after the patterns of WAI-ARIA; radios and tabs have their own keys. */
const turned = '[role="checkbox"], [role="switch"]';

/** Lets Space turn checkboxes over, as it does where they are native. Once for the whole app. */
export function useSpaceKey() {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const node = event.target as HTMLElement;
      if (event.key !== ' ' || event.repeat || !node.matches?.(turned)) return;
      // A page would scroll.
      event.preventDefault();
      node.click();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
