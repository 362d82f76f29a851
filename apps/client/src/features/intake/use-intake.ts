import { zodResolver } from '@hookform/resolvers/zod';
import type { Account } from '@spalo/contract';
import type { Flag, Person } from '@spalo/core/person';
import { nowMs, typedMass } from '@spalo/core/unit';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import {
  emptyIntake,
  intakeForm,
  typedBirth,
  type IntakeInput,
  type IntakeOutput,
} from '../../parts/client-form/client-form';
import { useIntakeDrafts } from '../../parts/client-form/intake-drafts';
import { formDay } from '../../parts/time/day-time';
import { addClient } from './add-client';

/** A person as far as the form tells, for asking back about what they say they lifted. */
function personSoFar(form: IntakeInput, unit: 'kg' | 'lb', today: string): Person {
  const massG = typedMass(form.bodyMass, unit) ?? 0;
  return {
    bodyMassG: massG > 0 ? massG : 75_000,
    sex: form.sex,
    trainingMonths: Number(form.trainingMonths) || 0,
    birthDate: typedBirth(form.birthDate, today),
    nervous: false,
    preference: 'none',
    flags: [],
    reports: [],
    cautions: [],
    overrides: [],
  };
}

/** A new client as far as they are told, kept on the device as it goes: nothing is lost to a phone call or a flat battery. */
export function useIntake(draftId: string, { studio, trainer }: Account) {
  const { unit, zone } = studio;
  const [today] = useState(() => formDay(nowMs(), zone));
  const { keep, drop } = useIntakeDrafts.getState();
  const [begun] = useState(() => useIntakeDrafts.getState().drafts[draftId]);
  const [step, setStep] = useState(begun?.step ?? 0);
  const [answers, setAnswers] = useState(begun?.answers ?? {});
  const [flags, setFlags] = useState<Flag[]>(begun?.flags ?? []);
  const schema = useMemo(() => intakeForm(unit, today), [unit, today]);
  const { control, handleSubmit, setFocus, trigger } = useForm<IntakeInput, unknown, IntakeOutput>({
    resolver: zodResolver(schema),
    // A draft of an earlier version lacks what was not asked then.
    defaultValues: { ...emptyIntake(today), ...begun?.form },
    mode: 'onTouched',
  });
  const form = useWatch({ control }) as IntakeInput;
  const person = useMemo(() => personSoFar(form, unit, today), [form, unit, today]);
  useEffect(() => {
    const blank = JSON.stringify(form) === JSON.stringify(emptyIntake(today));
    if (!blank || step > 0) keep(draftId, { trainerId: trainer.id, step, form, answers, flags });
  }, [trainer.id, answers, draftId, flags, form, keep, step, today]);
  return {
    ...{ control, handleSubmit, setFocus, trigger, form, person, today },
    ...{ step, setStep, answers, setAnswers, flags, setFlags },
    /** Adds the client. Rejects where the device cannot store it; the draft stays then. */
    async save(filled: IntakeOutput): Promise<void> {
      await addClient(draftId, filled, { answers, flags });
      drop(draftId);
    },
  };
}

export type Intake = ReturnType<typeof useIntake>;
