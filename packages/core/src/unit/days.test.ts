import fc from 'fast-check';
import { dayIn, dayPlus, setStudioZone, studioDay } from './days';

afterEach(() => setStudioZone('UTC'));

const zones = ['Pacific/Auckland', 'America/Los_Angeles', 'Europe/Berlin', 'Asia/Kathmandu', 'UTC'];
const moment = fc
  .date({ min: new Date('1990-01-01'), max: new Date('2060-01-01'), noInvalidDate: true })
  .map((date) => date.getTime());

describe('the day of a moment', () => {
  it('is the studio’s, not that of UTC', () => {
    const late = '2026-11-25T07:30:00.000Z';
    setStudioZone('America/Los_Angeles');
    expect(studioDay(late)).toBe('2026-11-24');
    setStudioZone('Pacific/Auckland');
    expect(studioDay('2026-11-24T11:30:00.000Z')).toBe('2026-11-25');
  });

  it.each([
    ['Europe/Berlin', '2027-03-27T22:59:59.000Z', '2027-03-27'],
    ['Europe/Berlin', '2027-03-28T21:59:59.000Z', '2027-03-28'],
    ['Europe/Berlin', '2027-03-28T22:00:00.000Z', '2027-03-29'],
    ['Europe/Berlin', '2027-10-31T22:59:59.000Z', '2027-10-31'],
    ['Europe/Berlin', '2027-10-31T23:00:00.000Z', '2027-11-01'],
    ['Pacific/Auckland', '2027-04-03T10:59:59.000Z', '2027-04-03'],
    ['Pacific/Auckland', '2027-04-04T11:59:59.000Z', '2027-04-04'],
  ])('holds over a change of clocks in %s at %s', (zone, at, day) => {
    expect(dayIn(at, zone)).toBe(day);
  });

  it('never goes back as time goes on, and moves by at most one within 22 hours', () => {
    fc.assert(
      fc.property(moment, fc.constantFrom(...zones), (ms, zone) => {
        const [day, later] = [dayIn(ms, zone), dayIn(ms + 22 * 3_600_000, zone)];
        expect([day, dayPlus(day, 1)]).toContain(later);
      }),
    );
  });

  it('refuses a zone that no clock knows', () => {
    expect(() => setStudioZone('Nowhere/Here')).toThrow(RangeError);
    expect(studioDay('2026-11-24T12:00:00.000Z')).toBe('2026-11-24');
  });
});

describe('days on', () => {
  it('are there and back again', () => {
    fc.assert(
      fc.property(moment, fc.integer({ min: -800, max: 800 }), (ms, days) => {
        const day = dayIn(ms, 'UTC');
        expect(dayPlus(dayPlus(day, days), -days)).toBe(day);
      }),
    );
  });

  it('know months, leap days and years', () => {
    expect(dayPlus('2028-02-28', 1)).toBe('2028-02-29');
    expect(dayPlus('2026-12-31', 1)).toBe('2027-01-01');
    expect(dayPlus('2026-03-01', -1)).toBe('2026-02-28');
  });
});
