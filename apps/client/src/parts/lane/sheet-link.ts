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

/** The address of the same entry becomes another one; what the router keeps in it stays. */
const rename = (address: string) => window.history.replaceState(window.history.state, '', address);

/** Takes a sheet's link out of the address, for its lane to open. Before the router reads the address. */
export function followSheetLink() {
  if (typeof window === 'undefined') return;
  const query = new URLSearchParams(window.location.search);
  const lane = query.get('lane');
  const sheet = query.get('sheet');
  if (lane === null || sheet === null) return;
  useLinkedSheet.setState({ linked: { lane, sheet, at: query.get('at') } });
  rename(window.location.pathname);
}

/** Names the sheet that is open in the address, so that it can be sent to another device; answers what takes it out again. */
export function nameInAddress({ lane, sheet, at }: SheetLink): () => void {
  const { pathname } = window.location;
  rename(`?${new URLSearchParams({ lane, sheet, ...(at !== null && { at }) }).toString()}`);
  return () => {
    // Another screen may be there by now, with an address of its own.
    if (window.location.pathname === pathname && window.location.search.includes('sheet='))
      rename(pathname);
  };
}
