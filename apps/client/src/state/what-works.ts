/** What this browser, at this address, can do of what a phone on the floor needs. */
export interface WhatWorks {
  /** The address is one that browsers trust: HTTPS, or this machine itself. */
  secure: boolean;
  /** Spalo opens without network. */
  offline: boolean;
  /** It stands on the home screen, without the browser's bars. */
  installed: boolean;
  camera: boolean;
}

const isMachineItself = (hostname: string): boolean =>
  hostname === 'localhost' || hostname.endsWith('.localhost') || hostname === '127.0.0.1';

/** The address that other devices can open; null where this one is only known to the machine itself. */
export const addressForPhones = ({ hostname, origin }: Pick<Location, 'hostname' | 'origin'>) =>
  isMachineItself(hostname) ? null : origin;

/** What works here and now. */
export async function whatWorks(): Promise<WhatWorks> {
  const registration = await navigator.serviceWorker?.getRegistration();
  const devices = navigator.mediaDevices as MediaDevices | undefined;
  return {
    secure: window.isSecureContext,
    offline: registration?.active != null,
    installed: window.matchMedia('(display-mode: standalone)').matches,
    camera: typeof devices?.getUserMedia === 'function',
  };
}
