import { useEffect } from 'react';

const EVERY_MS = 5000;

/** While signed in: sends films that may go, and goes on where it was cut off. */
export function useSendFilms(active: boolean): void {
  useEffect(() => {
    if (!active) return undefined;
    // Fetched after the start: nobody waits for films to be sent.
    const send = () =>
      void import('./send-films').then((films) => films.sendFilms()).catch(() => undefined);
    const timer = setInterval(send, EVERY_MS);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [active]);
}
