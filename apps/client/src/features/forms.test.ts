import { clientFacts, measurementFacts, type ClientFacts } from '@spalo/contract';
import fc from 'fast-check';
import { bookingForm } from './clients/booking-form';
import { clockTime, dayBounds, instantOf, shortDate } from './day/day-time';
import { clock, logLabel, rirText } from './floor/words';
import { emptyIntake, factsOf, intakeForm, intakeOf } from './intake/intake-form';
import { kindNames, kinds, readItem, typedItem, type Kind } from './room/equipment-kinds';
import { runOf } from './room/run-of-bells';

describe('the intake form', () => {
  const TODAY = '2026-11-24';
  const form = intakeForm('kg', TODAY);
  const filled = { ...emptyIntake(TODAY), name: 'Ada', bodyMass: '64,5', trainingMonths: '0' };
  const report = { liftId: 'back-squat', load: '40', reps: '8', monthsAgo: '3', sure: 'sure' };
  const take = (change: object, before: ClientFacts | null = null) =>
    factsOf(form.parse({ ...filled, ...change }), before, '2026-11-24T10:00:00.000Z');

  it('gives what the API takes', () => {
    const { facts, measured } = take({
      birthDate: '19900531',
      height: '171,5',
      consent: true,
      reports: [report],
      thigh: '45',
      shin: '42',
      trunk: '50',
      arm: '60',
    });
    expect(clientFacts.parse(facts)).toEqual(facts);
    expect(measurementFacts.parse(measured)).toEqual({ day: TODAY, bodyMassG: 64_500 });
    expect(facts).toMatchObject({
      bodyMassG: 64_500,
      birthDate: '1990-05-31',
      heightMm: 1715,
      consentAt: '2026-11-24T10:00:00.000Z',
      segments: { thighMm: 450 },
      reports: [{ liftId: 'back-squat', loadG: 40_000, reps: 8, monthsAgo: 3, sure: 'sure' }],
    });
  });

  it.each([
    [{ name: ' ' }, 'name'],
    [{ bodyMass: '12' }, 'bodyMass'],
    [{ bodyMass: 'heavy' }, 'bodyMass'],
    [{ bodyMassDay: '2026-11-25' }, 'bodyMassDay'],
    [{ trainingMonths: '1.5' }, 'trainingMonths'],
    [{ birthDate: '2040-01-01' }, 'birthDate'],
    [{ birthDate: '31.5.1990' }, 'birthDate'],
    [{ email: 'nobody' }, 'email'],
    [{ height: '3' }, 'height'],
    [{ thigh: '45' }, 'shin'],
    [{ reports: [{ ...report, reps: '0' }] }, 'reports'],
    [{ reports: [{ ...report, load: '' }] }, 'reports'],
  ])('answers %j beside its field', (change, field) => {
    const result = form.safeParse({ ...filled, ...change });
    expect(result.success).toBe(false);
    expect(result.error!.issues.map((issue) => issue.path[0])).toContain(field);
  });

  it('keeps what it does not ask about, and the day of the consent', () => {
    const override = {
      liftId: 'back-squat',
      range: null,
      reason: 'asked',
      at: '2026-01-01T00:00:00.000Z',
      by: '019a0000-0000-7000-8000-000000000001',
    };
    const before = {
      ...take({ consent: true }).facts,
      consentAt: '2026-01-01T00:00:00.000Z',
      programme: ['back-squat'],
      overrides: [override],
    };
    const typed = intakeOf(before, 'kg', TODAY);
    expect(factsOf(form.parse(typed), before, '2026-11-24T10:00:00.000Z').facts).toEqual(before);
  });

  it('never passes on what the API would refuse', () => {
    fc.assert(
      fc.property(
        fc.record({
          name: fc.string(),
          bodyMass: fc.oneof(fc.string(), fc.nat(400).map(String)),
          trainingMonths: fc.nat(900).map(String),
          birthDate: fc.oneof(fc.string(), fc.constantFrom('1990-02-30', '20001231', '1890-01-01')),
          height: fc.nat(300).map(String),
          brief: fc.string(),
        }),
        (typed) => {
          const result = form.safeParse({ ...filled, ...typed });
          if (!result.success) return;
          const { facts } = factsOf(result.data, null, '2026-11-24T10:00:00.000Z');
          expect(
            clientFacts.safeParse(facts).error?.issues.filter((issue) => issue.code !== 'custom') ??
              [],
          ).toEqual([]);
        },
      ),
    );
  });

  it('reads pounds', () => {
    const pounds = intakeForm('lb', TODAY).parse({ ...filled, bodyMass: '150' });
    expect(pounds.bodyMass).toBe(68_039);
  });
});

describe('the forms of the room', () => {
  const id = '019a0000-0000-7000-8000-000000000001';
  it.each(kindNames)('%s: what was typed for an item gives the item back', (kind) => {
    const full = {
      bars: [
        {
          name: 'Bar',
          kind: 'trap',
          massG: 24_000,
          unit: 'kg',
          sleeveMm: 260,
          count: 1,
          fits: null,
          handleMm: [230, 330],
        },
      ],
      plates: [{ massG: 20_412, unit: 'lb', count: 4, diameterMm: 450, thicknessMm: 40 }],
      dumbbells: [{ massG: 12_500, unit: 'kg', count: 2 }],
      kettlebells: [{ massG: 16_000, unit: 'kg', count: 1 }],
      stacks: [
        {
          name: 'Column',
          station: 'cable',
          unit: 'lb',
          firstG: 4536,
          stepG: 4536,
          count: 16,
          addOnsG: [2268],
          ratio: 0.5,
          assisted: false,
        },
      ],
      machines: [
        {
          name: 'Press',
          station: 'leg press',
          massG: 32_000,
          unit: 'kg',
          sleeveMm: 320,
          horns: 2,
          fits: null,
        },
      ],
      bands: [{ label: 'Green', restG: 3000, stretchedG: 16_000 }],
    } satisfies Record<Kind, object[]>;
    for (const item of full[kind]) {
      const whole = { id, ...item };
      expect(readItem(kind, id, typedItem(kind, whole))).toEqual({ item: whole });
    }
  });

  it('say what is wrong beside each field, in the words of the contract', () => {
    const problems = (kind: Kind, typed: Record<string, string>) => {
      const result = readItem(kind, id, { ...kinds[kind].fresh, ...typed });
      return 'problems' in result ? result.problems : {};
    };
    expect(problems('plates', { massG: '' })).toEqual({ massG: 'Fill this in' });
    expect(problems('plates', { massG: 'ten' })).toEqual({ massG: '“ten” is not a number' });
    expect(problems('plates', { massG: '900' })).toEqual({ massG: 'At most 500 kg' });
    expect(problems('bars', { name: '' })).toEqual({ name: 'Fill this in' });
    expect(problems('stacks', { name: 'A', ratio: '9' })).toEqual({ ratio: 'Between 0.1 and 2' });
    expect(problems('bands', { label: 'A', restG: '20', stretchedG: '5' })).toEqual({
      stretchedG: 'A stretched band pulls at least as hard as one at rest',
    });
  });
});

describe('a run of bells', () => {
  it('goes from the first to the last by its step, in its unit', () => {
    expect(runOf({ first: '10', last: '17,5', step: '2.5' }, 'kg')).toEqual({
      masses: [10_000, 12_500, 15_000, 17_500],
    });
    expect(runOf({ first: '5', last: '12', step: '5' }, 'lb')).toEqual({ masses: [2268, 4536] });
  });
  it('says what is wrong with it', () => {
    expect(runOf({ first: '', last: '5', step: '0' }, 'kg')).toEqual({
      problems: { first: 'A mass in kg', step: 'A step in kg' },
    });
    expect(runOf({ first: '10', last: '5', step: '1' }, 'kg')).toEqual({
      problems: { last: 'Not lighter than the first' },
    });
    expect(runOf({ first: '1', last: '100', step: '1' }, 'kg')).toEqual({
      problems: { step: 'At most 60 at once' },
    });
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
