import { clientFacts, measurementFacts, type ClientFacts } from '@spalo/contract';
import fc from 'fast-check';
import { emptyIntake, factsOf, intakeForm, intakeOf } from './client-form';

describe('the intake form', () => {
  const TODAY = '2026-11-24';
  const form = intakeForm('kg', TODAY);
  const filled = {
    ...emptyIntake(TODAY),
    name: 'Ada',
    birthDate: '1990-05-31',
    bodyMass: '64,5',
    trainingMonths: '0',
  };
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
    expect(measurementFacts.parse(measured)).toEqual({
      day: TODAY,
      bodyMassG: 64_500,
      removed: false,
    });
    expect(facts).toMatchObject({
      bodyMassG: 64_500,
      birthDate: '1990-05-31',
      heightMm: 1715,
      consentAt: '2026-11-24T10:00:00.000Z',
      segments: { thighMm: 450 },
      reports: [{ liftId: 'back-squat', loadG: 40_000, reps: 8, monthsAgo: 3, sure: 'sure' }],
    });
  });

  it.each(['31.5.1990', '31 May 1990', '19900531', '31.5.90'])(
    'reads a birth date typed as %s',
    (typed) => {
      expect(form.parse({ ...filled, birthDate: typed }).birthDate).toBe('1990-05-31');
    },
  );

  it.each([
    [{ name: ' ' }, 'name'],
    [{ bodyMass: '12' }, 'bodyMass'],
    [{ bodyMass: 'heavy' }, 'bodyMass'],
    [{ bodyMassDay: '2026-11-25' }, 'bodyMassDay'],
    [{ trainingMonths: '1.5' }, 'trainingMonths'],
    [{ birthDate: '2040-01-01' }, 'birthDate'],
    [{ birthDate: '' }, 'birthDate'],
    [{ guardianConsent: true }, 'guardian'],
    [{ birthDate: '31.2.1990' }, 'birthDate'],
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

  it('never keeps a consent to touch of who is under 18', () => {
    const agreed = { touchConsent: true, guardian: 'Mia, 0170', guardianConsent: true };
    const at = '2026-11-24T10:00:00.000Z';
    expect(take({ ...agreed, birthDate: '2010-05-31' }).facts).toMatchObject({
      touchConsentAt: null,
      guardian: 'Mia, 0170',
      guardianConsentAt: at,
    });
    expect(take({ ...agreed, birthDate: '2008-11-24' }).facts.touchConsentAt).toBe(at);
  });

  it('reads pounds', () => {
    const pounds = intakeForm('lb', TODAY).parse({ ...filled, bodyMass: '150' });
    expect(pounds.bodyMass).toBe(68_039);
  });
});
