import fc from 'fast-check';
import { clashesOf, crossing, overlaps, type Hour } from './clash';

const at = (hour: string) => `2026-11-24T${hour}:00.000Z`;
const hour = (change: Partial<Hour>): Hour => ({
  id: 'a',
  clientId: 'ada',
  trainerId: 't',
  startsAt: at('09:00'),
  minutes: 60,
  ...change,
});

describe('clashes', () => {
  it('are of those at the same time: not before, not after, not called off', () => {
    const one = hour({});
    expect(overlaps(one, hour({ id: 'b', startsAt: at('09:59') }))).toBe(true);
    expect(overlaps(one, hour({ id: 'b', startsAt: at('10:00') }))).toBe(false);
    expect(overlaps(one, hour({ id: 'b', state: 'cancelled late' }))).toBe(false);
  });

  it('say a client twice, and more than four at once for one trainer', () => {
    const others = ['b', 'c', 'd', 'e'].map((id) => hour({ id, clientId: id }));
    expect(clashesOf(hour({}), others.slice(0, 3))).toEqual([]);
    expect(clashesOf(hour({}), others)).toEqual([{ clash: 'trainer', clients: 5 }]);
    const apart = others.map((each, place) => ({ ...each, trainerId: place < 2 ? 't' : 'u' }));
    expect(clashesOf(hour({}), apart)).toEqual([]);
    expect(clashesOf(hour({}), [hour({ id: 'b', startsAt: at('09:30') })])).toEqual([
      { clash: 'client', with: 'b' },
    ]);
  });

  it('count who is there at once, not who comes one after the other', () => {
    const short = Array.from({ length: 6 }, (_, place) =>
      hour({ id: `s${place}`, clientId: `s${place}`, startsAt: at(`09:${place}0`), minutes: 10 }),
    );
    expect(clashesOf(hour({}), short)).toEqual([]);
  });

  it('are mutual', () => {
    const hours = fc.record({ start: fc.nat(40), minutes: fc.integer({ min: 10, max: 240 }) });
    fc.assert(
      fc.property(hours, hours, (one, other) => {
        const [a, b] = [one, other].map(({ start, minutes }, place) =>
          hour({
            id: String(place),
            startsAt: new Date(Date.parse(at('06:00')) + start * 900_000).toISOString(),
            minutes,
          }),
        ) as [Hour, Hour];
        expect(crossing(a, [b]).length).toBe(crossing(b, [a]).length);
      }),
    );
  });
});
