import { create } from 'zustand';

/** A sign-in that this device has heard of and nobody has answered: whose, and with which browser. */
interface Heard {
  trainerId: string;
  browser: string;
}

export const useSignedIn = create<{ heard: Heard | null }>(() => ({ heard: null }));
