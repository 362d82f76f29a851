import { clockText, deviceClock, readServerTime } from './device-clock';

const server = Date.parse('2026-11-24T10:00:00.000Z');
const answer = (at = server) =>
  ({ headers: new Headers({ Date: new Date(at).toUTCString() }) }) as Response;
const told = () => deviceClock.getState().aheadMs;

describe('the clock of the device', () => {
  it('is told of when it is far from the server’s, until it is set', () => {
    readServerTime(answer(), server + 2000, server + 2500);
    expect(told()).toBeNull();
    const ahead = server + 3 * 3_600_000;
    readServerTime(answer(), ahead, ahead + 100);
    expect(clockText(told()!)).toBe('3 hours ahead');
    // An answer that took long, one without a time, and a clock that was set meanwhile say nothing.
    readServerTime(answer(), ahead - 60_000, ahead);
    readServerTime({ headers: new Headers() } as Response, server, server);
    readServerTime(answer(), ahead, server);
    expect(clockText(told()!)).toBe('3 hours ahead');
    readServerTime(answer(), server, server + 300);
    expect(told()).toBeNull();
  });

  it('is told of in words', () => {
    expect(clockText(-7 * 60_000)).toBe('7 minutes behind');
    expect(clockText(5 * 24 * 3_600_000)).toBe('5 days ahead');
  });
});
