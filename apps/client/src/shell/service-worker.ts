import { create } from 'zustand';

/** A newer version that has been fetched and waits; `apply` takes it and reloads. */
export const useNewVersion = create<{ apply: (() => void) | null }>(() => ({ apply: null }));

/** Whether the new version was taken in this tab, and not in another that is open beside it. */
let takenHere = false;

function offer(worker: ServiceWorker) {
  const apply = () => {
    takenHere = true;
    worker.postMessage({ type: 'SKIP_WAITING' });
  };
  useNewVersion.setState({ apply });
}

/** Registers the service worker, which serves the shell offline; a new version is offered, never forced. */
export async function registerServiceWorker(): Promise<void> {
  if (!('serviceWorker' in navigator) || __DEV__) return;
  const hadController = navigator.serviceWorker.controller !== null;
  const registration = await navigator.serviceWorker.register('/sw.js');
  if (registration.waiting && hadController) offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker?.addEventListener('statechange', () => {
      if (worker.state === 'installed' && navigator.serviceWorker.controller) offer(worker);
    });
  });
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    // The first worker taking over is no update.
    if (!hadController) return;
    const reload = () => window.location.reload();
    if (takenHere) reload();
    // Taken in another tab: this one may be in the middle of a set, so it is offered here as well.
    else useNewVersion.setState({ apply: reload });
  });
}
