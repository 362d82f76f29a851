import { createStore } from 'zustand/vanilla';

/** What the log's order can bear; the server's own header tells whole seconds. */
const FAR_OFF_MS = 5 * 60_000;
/** An answer that took longer says little about when it was written. */
const SLOW_MS = 10_000;

/** How far this device's clock is ahead of the server's, in ms (behind: negative); null while that is little or unknown. */
export const deviceClock = createStore<{ aheadMs: number | null }>(() => ({ aheadMs: null }));

/** Compares the device's clock with the time that an answer bears. */
export function readServerTime(response: Response, sentAtMs: number, nowMs: number): void {
  const server = Date.parse(response.headers.get('Date') ?? '');
  if (Number.isNaN(server) || nowMs - sentAtMs > SLOW_MS || nowMs < sentAtMs) return;
  const aheadMs = nowMs - server;
  const told = Math.abs(aheadMs) > FAR_OFF_MS ? aheadMs : null;
  // Told again only when it has changed by more than the comparison's own doubt.
  const known = deviceClock.getState().aheadMs;
  const changed =
    (told === null) !== (known === null) || Math.abs((told ?? 0) - (known ?? 0)) > 60_000;
  if (changed) deviceClock.setState({ aheadMs: told });
}

/** How far a clock is off, in words: "3 hours ahead". */
export function clockText(aheadMs: number): string {
  const minutes = Math.round(Math.abs(aheadMs) / 60_000);
  const [count, unit] =
    minutes < 120
      ? [minutes, 'minutes']
      : minutes < 2 * 24 * 60
        ? [Math.round(minutes / 60), 'hours']
        : [Math.round(minutes / (24 * 60)), 'days'];
  return `${count} ${unit} ${aheadMs > 0 ? 'ahead' : 'behind'}`;
}
