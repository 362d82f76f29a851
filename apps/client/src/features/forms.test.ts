import { clientFacts } from '@spalo/contract';
import fc from 'fast-check';
import { bookingForm } from './clients/booking-form';
import { clientForm, emptyClientForm } from './clients/client-form';
import { clockTime, dayBounds, instantOf, shortDate } from './day/day-time';
import { clock, logLabel, rirText } from './floor/words';

describe('the client form', () => {
  const form = clientForm('kg', 2026);
  const filled = { ...emptyClientForm, name: 'Ada', bodyMass: '64,5', trainingMonths: '0' };

  it('gives what the API takes', () => {
    const facts = form.parse({
      ...filled,
      reportLift: 'back-squat',
      reportLoad: '40',
      reportReps: '8',
    });
    expect(clientFacts.parse(facts)).toEqual(facts);
    expect(facts).toMatchObject({
      bodyMassG: 64_500,
      birthYear: null,
      reports: [{ liftId: 'back-squat', loadG: 40_000, reps: 8, monthsAgo: 0 }],
    });
  });

  it.each([
    [{ name: ' ' }, 'name'],
    [{ bodyMass: '12' }, 'bodyMass'],
    [{ bodyMass: 'heavy' }, 'bodyMass'],
    [{ trainingMonths: '1.5' }, 'trainingMonths'],
    [{ birthYear: '2040' }, 'birthYear'],
    [{ reportLift: 'back-squat' }, 'reportLoad'],
    [{ reportLift: 'back-squat', reportLoad: '40', reportReps: '0' }, 'reportReps'],
  ])('answers %j beside its field', (change, field) => {
    const result = form.safeParse({ ...filled, ...change });
    expect(result.success).toBe(false);
    expect(result.error!.issues.map((issue) => issue.path[0])).toContain(field);
  });

  it('never passes on what the API would refuse', () => {
    fc.assert(
      fc.property(
        fc.record({
          name: fc.string(),
          bodyMass: fc.oneof(fc.string(), fc.nat(400).map(String)),
          trainingMonths: fc.nat(900).map(String),
          brief: fc.string(),
        }),
        (typed) => {
          const result = form.safeParse({ ...emptyClientForm, ...typed });
          if (result.success)
            expect(
              clientFacts
                .safeParse(result.data)
                .error?.issues.filter((issue) => issue.code !== 'custom') ?? [],
            ).toEqual([]);
        },
      ),
    );
  });

  it('reads pounds', () => {
    expect(clientForm('lb', 2026).parse({ ...filled, bodyMass: '150' }).bodyMassG).toBe(68_039);
  });
});

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
    expect(shortDate('2025-01-02T09:30:00.000Z', 'UTC', Date.parse('2026-11-24'))).toBe(
      '2 Jan 2025',
    );
    expect(
      bookingForm('UTC').safeParse({ day: '2026-11-24', time: '9', minutes: '5' }).error!.issues,
    ).toHaveLength(2);
  });
});

describe('words', () => {
  it('name what will be stored', () => {
    expect(logLabel({ loadG: 60_000, reps: 8, cleanReps: 8 }, 'kg')).toBe('Log 60 × 8');
    expect(logLabel({ loadG: 60_000, reps: 8, cleanReps: 7 }, 'kg')).toBe('Log 60 × 7 clean of 8');
    expect([0, 65, 600].map(clock)).toEqual(['0:00', '1:05', '10:00']);
    expect([null, 0, 4].map(rirText)).toEqual(['', '0 left', '4 or more left']);
  });
});
