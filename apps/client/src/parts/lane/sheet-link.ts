import { create } from 'zustand';

/** A sheet of a lane as an address names it: whose session, which sheet, and what it is about. */
export interface SheetLink {
  lane: string;
  sheet: string;
  /** A step of the ramp, or a fault; null for sheets that are about the lift as a whole. */
  at: string | null;
}

/** The sheet that an address asked for and that is not open yet. */
export const useLinkedSheet = create<{ linked: SheetLink | null }>(() => ({ linked: null }));

/**
 * Takes a sheet's link out of the address, for its lane to open: then Back closes the sheet and the place below stays as it
 * is. Before the router reads the address.
 */
function takeLink() {
  const query = new URLSearchParams(window.location.search);
  const lane = query.get('lane');
  const sheet = query.get('sheet');
  if (lane === null || sheet === null) return;
  useLinkedSheet.setState({ linked: { lane, sheet, at: query.get('at') } });
  window.history.replaceState(window.history.state, '', window.location.pathname);
}

/** From now on links to sheets are followed, also those in the browser's history. */
export function followSheetLinks() {
  if (typeof window === 'undefined') return;
  takeLink();
  window.addEventListener('popstate', takeLink);
}

/** Names the sheet that is open in the address, so that it can be sent to another device. */
export function nameInAddress({ lane, sheet, at }: SheetLink) {
  const query = new URLSearchParams({ lane, sheet, ...(at !== null && { at }) });
  window.history.replaceState(window.history.state, '', `?${query.toString()}`);
}
