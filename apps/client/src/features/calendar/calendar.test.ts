import fc from 'fast-check';
import { daysFrom, hourOf, timeText } from './days';
import { inLanes } from './lanes';
import { movedBy } from './use-drag-hours';

const hours = fc.array(
  fc.record({ start: fc.nat(60), minutes: fc.integer({ min: 10, max: 240 }) }),
  { maxLength: 12 },
);
const asHours = (all: { start: number; minutes: number }[]) =>
  all
    .map(({ start, minutes }, at) => ({
      id: `b${at}`,
      clientId: `c${at}`,
      trainerId: 't',
      startsAt: new Date(Date.parse('2026-11-24T06:00:00Z') + start * 900_000).toISOString(),
      minutes,
    }))
    .sort((a, b) => (a.startsAt < b.startsAt ? -1 : 1));

describe('bookings side by side', () => {
  it('never lie over each other, and none is lost', () => {
    fc.assert(
      fc.property(hours, (all) => {
        const placed = inLanes(asHours(all), (each) => each);
        expect(placed).toHaveLength(all.length);
        for (const one of placed) {
          expect(one.lane).toBeLessThan(one.lanes);
          for (const other of placed) {
            if (one === other || one.lane !== other.lane) continue;
            const [a, b] = [one.hour, other.hour].map(({ startsAt, minutes }) => {
              const from = Date.parse(startsAt);
              return { from, to: from + minutes * 60_000 };
            });
            expect(a!.to <= b!.from || b!.to <= a!.from).toBe(true);
          }
        }
      }),
    );
  });
});

describe('the days of a week', () => {
  it('are seven, also when the clocks change in it', () => {
    const from = Date.parse('2027-03-21T23:00:00Z');
    const days = daysFrom(from, 7, [], 'Europe/Berlin', from);
    expect(days.map(({ day }) => day)).toEqual([
      '2027-03-22',
      '2027-03-23',
      '2027-03-24',
      '2027-03-25',
      '2027-03-26',
      '2027-03-27',
      '2027-03-28',
    ]);
    expect(days[0]).toMatchObject({ label: 'Mon 22', isToday: true });
  });

  it('tell hours on the wall, and a drag in quarters and days', () => {
    expect(hourOf('2027-03-28T07:30:00Z', 'Europe/Berlin')).toBe(9.5);
    expect(timeText(9.5)).toBe('09:30');
    expect(timeText(30)).toBe('23:45');
    expect(movedBy({ x: 160, y: -40 }, { hourPx: 72, dayPx: 150 })).toEqual({
      quarters: -2,
      days: 1,
    });
  });
});
