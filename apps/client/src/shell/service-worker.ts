import { create } from 'zustand';

/** A newer version that has been fetched and waits; `apply` takes it and reloads. */
export const useNewVersion = create<{ apply: (() => void) | null }>(() => ({ apply: null }));

function offer(worker: ServiceWorker) {
  useNewVersion.setState({ apply: () => worker.postMessage({ type: 'SKIP_WAITING' }) });
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
  let reloading = false;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    // The first worker taking over is no update.
    if (!hadController || reloading) return;
    reloading = true;
    window.location.reload();
  });
}
