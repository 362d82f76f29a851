import type { Control } from 'react-hook-form';
import type { ClientFacts, Measurement } from '@spalo/contract';
import { isUnderAge } from '@spalo/core/person';
import { fromGrams, type Unit } from '@spalo/core/unit';
import { bodyRanges } from '@spalo/core/warm-up';
import { z } from 'zod';
import { optional, typedCount, typedDay, typedGrams, typedLine, typedNumber } from '../forms/typed';

const reportForm = (unit: Unit) =>
  z.object({
    liftId: z.string().min(1, 'Choose the lift'),
    load: typedGrams(unit, 500, 1_000_000, 'Between half a kilo and 1,000 kg'),
    reps: typedCount(1, 50, 'Between 1 and 50'),
    monthsAgo: typedCount(0, 600, 'Months ago, 0 for now'),
    sure: z.enum(['sure', 'about', 'guess']),
  });

const millimetres = optional(
  typedNumber('A length in cm')
    .transform((cm) => Math.round(cm * 10))
    .refine((mm) => mm >= 100 && mm <= 1200, 'Between 10 and 120 cm'),
);

/**
 * What is asked of a client, in the studio's unit; masses typed as text. Its output is what the API takes: the facts,
 * and the body mass with its day.
 */
export function intakeForm(unit: Unit, today: string) {
  const mass = unit === 'kg' ? 'Between 25 and 300 kg' : 'Between 56 and 661 lb';
  return z
    .object({
      name: z.string().trim().min(1, 'A name to call them by').max(80, 'At most 80 characters'),
      calledName: typedLine(40),
      phone: typedLine(40),
      email: z.union([
        z.literal(''),
        z.string().trim().toLowerCase().max(200).pipe(z.email('Not an e-mail address')),
      ]),
      birthDate: typedDay(today),
      sex: z.enum(['female', 'male', 'unsaid']),
      emergencyContact: typedLine(200),
      consent: z.boolean(),
      touchConsent: z.boolean(),
      guardian: typedLine(120),
      guardianConsent: z.boolean(),
      bodyMass: typedGrams(unit, 25_000, 300_000, mass),
      bodyMassDay: typedDay(today),
      height: optional(
        typedNumber('A height in cm')
          .transform((cm) => Math.round(cm * 10))
          .refine((mm) => mm >= 900 && mm <= 2400, 'Between 90 and 240 cm'),
      ),
      squatLook: z.enum(['knees forward', 'hips back']).nullable(),
      stiff: z.array(z.enum(bodyRanges)),
      thigh: millimetres,
      shin: millimetres,
      trunk: millimetres,
      arm: millimetres,
      kneeToWall: optional(
        typedNumber('A distance in cm')
          .transform((cm) => Math.round(cm * 10))
          .refine((mm) => mm >= 0 && mm <= 300, 'Between 0 and 30 cm'),
      ),
      trainingMonths: typedCount(0, 720, 'How long? In whole months, 0 when new'),
      nervous: z.boolean(),
      preference: z.enum(['strength', 'size', 'endurance', 'none']),
      goal: typedLine(200),
      availability: typedLine(200),
      reports: z.array(reportForm(unit)).max(20),
      brief: typedLine(200),
    })
    .superRefine((form, context) => {
      if (form.guardianConsent && form.guardian === '') {
        context.addIssue({ code: 'custom', path: ['guardian'], message: 'Who agreed' });
      }
      const lengths = [form.thigh, form.shin, form.trunk, form.arm];
      const some = lengths.some((length) => length !== null);
      if (some && lengths.includes(null)) {
        const missing = (['thigh', 'shin', 'trunk', 'arm'] as const).filter(
          (name) => form[name] === null,
        );
        for (const name of missing) {
          const message = 'All four, or none of them';
          context.addIssue({ code: 'custom', path: [name], message });
        }
      }
    });
}

/** The birth date as far as it is typed; null for what is no day yet. */
export const typedBirth = (text: string, today: string): string | null =>
  typedDay(today).safeParse(text).data ?? null;

export type IntakeInput = z.input<ReturnType<typeof intakeForm>>;
export type IntakeOutput = z.output<ReturnType<typeof intakeForm>>;
export type IntakeControl = Control<IntakeInput, unknown, IntakeOutput>;

export const emptyIntake = (today: string): IntakeInput => ({
  name: '',
  calledName: '',
  phone: '',
  email: '',
  birthDate: '',
  sex: 'unsaid',
  emergencyContact: '',
  consent: false,
  touchConsent: false,
  guardian: '',
  guardianConsent: false,
  bodyMass: '',
  bodyMassDay: today,
  height: '',
  squatLook: null,
  stiff: [],
  thigh: '',
  shin: '',
  trunk: '',
  arm: '',
  kneeToWall: '',
  trainingMonths: '',
  nervous: false,
  preference: 'none',
  goal: '',
  availability: '',
  reports: [],
  brief: '',
});

const decimal = (value: number) => String(Number(value.toFixed(1)));
const cm = (mm: number | null | undefined) => (mm == null ? '' : decimal(mm / 10));

/** The form as a known client fills it. */
export function intakeOf(client: ClientFacts, unit: Unit, today: string): IntakeInput {
  const { segments } = client;
  return {
    name: client.name,
    calledName: client.calledName,
    phone: client.phone,
    email: client.email,
    birthDate: client.birthDate ?? '',
    sex: client.sex,
    emergencyContact: client.emergencyContact,
    consent: client.consentAt !== null,
    touchConsent: Boolean(client.touchConsentAt),
    guardian: client.guardian ?? '',
    guardianConsent: Boolean(client.guardianConsentAt),
    bodyMass: decimal(fromGrams(client.bodyMassG, unit)),
    bodyMassDay: today,
    height: cm(client.heightMm),
    squatLook: client.squatLook,
    stiff: client.stiff,
    thigh: cm(segments?.thighMm),
    shin: cm(segments?.shinMm),
    trunk: cm(segments?.trunkMm),
    arm: cm(segments?.armMm),
    kneeToWall: cm(segments?.kneeToWallMm),
    trainingMonths: String(client.trainingMonths),
    nervous: client.nervous,
    preference: client.preference,
    goal: client.goal,
    availability: client.availability,
    reports: client.reports.map((report) => ({
      liftId: report.liftId,
      load: decimal(fromGrams(report.loadG, unit)),
      reps: String(report.reps),
      monthsAgo: String(report.monthsAgo),
      sure: report.sure,
    })),
    brief: client.brief,
  };
}

/** What the API takes for a filled form; `before` keeps what the form does not ask about. */
export function factsOf(
  form: IntakeOutput,
  before: ClientFacts | null,
  now: string,
): { facts: ClientFacts; measured: Omit<Measurement, 'id'> } {
  const { thigh, shin, trunk, arm } = form;
  const young = isUnderAge(form, now);
  const whole = thigh !== null && shin !== null && trunk !== null && arm !== null;
  return {
    facts: {
      name: form.name,
      calledName: form.calledName,
      phone: form.phone,
      email: form.email,
      birthDate: form.birthDate,
      sex: form.sex,
      emergencyContact: form.emergencyContact,
      consentAt: form.consent ? (before?.consentAt ?? now) : null,
      bodyMassG: form.bodyMass,
      heightMm: form.height,
      squatLook: form.squatLook,
      stiff: form.stiff,
      segments: whole
        ? {
            thighMm: thigh,
            shinMm: shin,
            trunkMm: trunk,
            armMm: arm,
            ...(form.kneeToWall !== null && { kneeToWallMm: form.kneeToWall }),
          }
        : null,
      filmConsentAt: before?.filmConsentAt ?? null,
      // Nobody touches a child for a cue, whatever was agreed before.
      touchConsentAt: form.touchConsent && !young ? (before?.touchConsentAt ?? now) : null,
      guardian: form.guardian,
      guardianConsentAt: form.guardianConsent ? (before?.guardianConsentAt ?? now) : null,
      trainingMonths: form.trainingMonths,
      nervous: form.nervous,
      preference: form.preference,
      goal: form.goal,
      availability: form.availability,
      reports: form.reports.map(({ liftId, load, reps, monthsAgo, sure }) => ({
        liftId,
        loadG: load,
        reps,
        monthsAgo,
        sure,
      })),
      brief: form.brief,
      programme: before?.programme ?? [],
      overrides: before?.overrides ?? [],
      archivedAt: before?.archivedAt ?? null,
    },
    measured: { day: form.bodyMassDay, bodyMassG: form.bodyMass, removed: false },
  };
}
