import { awayOn, lessOn, turnedDownOn, type TurnedDown } from './turned-down';

const lighter: TurnedDown = { from: '2026-11-23', to: '2026-11-29', reason: 'busy' };
const away: TurnedDown = { from: '2026-12-20', to: '2027-01-16', reason: 'holiday', away: true };
const client = { turnedDown: [away, lighter] };

describe('a day on which less is done', () => {
  it.each([
    ['2026-11-22', null, null],
    ['2026-11-23', lighter, null],
    ['2026-11-29', lighter, null],
    ['2026-11-30', null, null],
    ['2026-12-20', null, away],
    ['2027-01-16', null, away],
    ['2027-01-17', null, null],
  ])('%s is lighter, or away, never both', (day, less, gone) => {
    expect([turnedDownOn(client, day), awayOn(client, day)]).toEqual([less, gone]);
    expect(lessOn(client, day)).toEqual(less ?? gone);
  });

  it('is an ordinary one for who planned nothing', () => {
    expect(lessOn({}, '2026-11-24')).toBeNull();
  });
});
