import { endOfHour } from './end-of-hour';

const at = (minutes: number) => minutes * 60_000;

describe('when a session should be over', () => {
  it.each([
    ['came on time', 600, 660],
    ['came early', 590, 650],
    ['came ten minutes late', 610, 660],
    ['came half an hour late', 630, 660],
    ['was moved to the afternoon', 960, 1020],
  ])('is an hour of 10 o’clock for who %s', (_who, started, ends) => {
    expect(endOfHour(at(started), { startsMs: at(600), minutes: 60 })).toBe(at(ends));
  });
});
