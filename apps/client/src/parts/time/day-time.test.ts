import { clockTime, dayAndTime, dayBounds, formDay, instantOf, shortDate } from './day-time';

describe('times', () => {
  it('bound a day in the studio’s zone, also when clocks change', () => {
    const at = Date.parse('2026-11-24T23:30:00.000Z');
    expect(dayBounds(at, 'UTC')).toEqual({
      from: '2026-11-24T00:00:00.000Z',
      to: '2026-11-25T00:00:00.000Z',
      label: 'Tuesday 24 November',
    });
    expect(dayBounds(at, 'Pacific/Auckland').from).toBe('2026-11-24T11:00:00.000Z');
    const long = dayBounds(Date.parse('2026-10-25T12:00:00.000Z'), 'Europe/Lisbon');
    expect(Date.parse(long.to) - Date.parse(long.from)).toBe(25 * 3_600_000);
    expect(dayBounds(at, 'UTC', 1).label).toBe('Wednesday 25 November');
  });

  it('come from what is typed, or not at all', () => {
    expect(instantOf('2026-11-24', '9:30', 'UTC')).toBe('2026-11-24T09:30:00.000Z');
    expect(instantOf('2026-07-01', '09:30', 'America/New_York')).toBe('2026-07-01T13:30:00.000Z');
    for (const [day, time] of [
      ['2026-02-30', '09:30'],
      ['24.11.2026', '09:30'],
      ['2026-11-24', '24:00'],
      ['', ''],
    ] as const) {
      expect(instantOf(day, time, 'UTC')).toBeNull();
    }
    expect(clockTime('2026-11-24T09:30:00.000Z', 'UTC')).toBe('09:30');
    expect(clockTime('2026-11-24T00:05:00.000Z', 'UTC')).toBe('00:05');
    expect(dayAndTime('2026-09-04T23:30:00.000Z', 'Europe/Lisbon')).toBe('5 Sept 2026, 00:30');
    expect(formDay(Date.parse('2026-03-04T23:30:00.000Z'), 'Asia/Tokyo')).toBe('2026-03-05');
    const now = Date.parse('2026-11-24');
    expect(shortDate('2026-11-03T09:30:00.000Z', 'UTC', now)).toBe('Tue 3 Nov');
    expect(shortDate('2025-01-02T09:30:00.000Z', 'UTC', Date.parse('2026-11-24'))).toBe(
      '2 Jan 2025',
    );
  });
});
