import { isUnderAge } from '@spalo/core/person';
import { nowIso, nowMs } from '@spalo/core/unit';
import { useWatch } from 'react-hook-form';
import { Field } from '../../design/Field';
import { ChoiceField } from '../forms/ChoiceField';
import { DayField } from '../forms/DayField';
import { formDay } from '../time/day-time';
import { typedBirth, type IntakeControl } from './client-form';

const sexes = [
  { value: 'female', label: 'Female' },
  { value: 'male', label: 'Male' },
  { value: 'unsaid', label: 'Rather not say' },
] as const;
const consents = [
  { value: true, label: 'Yes, agreed' },
  { value: false, label: 'Not yet' },
] as const;

const useUnderAge = (control: IntakeControl): boolean => {
  const typed = useWatch({ control, name: 'birthDate' });
  return isUnderAge({ birthDate: typedBirth(typed, formDay(nowMs(), 'UTC')) }, nowIso());
};

/** A guardian for who is under 18; nothing for anybody else. */
export function GuardianFields({ control }: { control: IntakeControl }) {
  if (!useUnderAge(control)) return null;
  return (
    <>
      <Field
        control={control}
        name="guardian"
        label="Guardian"
        hint="Name and number"
        autoComplete="off"
      />
      <ChoiceField
        control={control}
        name="guardianConsent"
        label="The guardian agrees to training"
        options={consents}
        hint="Nothing is loaded before. Cues by touch are never shown under 18."
      />
    </>
  );
}

/** Whether cues by touch are agreed to; nobody is asked for a child. */
function TouchField({ control }: { control: IntakeControl }) {
  if (useUnderAge(control)) return null;
  return (
    <ChoiceField
      control={control}
      name="touchConsent"
      label="Agrees to be touched for a cue"
      options={consents}
      hint="Without it no cue by touch is shown."
    />
  );
}

/** Whether health answers may be kept. */
export const ConsentField = ({ control }: { control: IntakeControl }) => (
  <ChoiceField
    control={control}
    name="consent"
    label="Agrees that health answers are kept"
    options={consents}
    hint="Without it the health questions are not stored."
  />
);

/** When somebody was born: it decides what is offered. */
export const BornField = ({ control }: { control: IntakeControl }) => (
  <DayField control={control} name="birthDate" label="Born on" most={formDay(nowMs(), 'UTC')} />
);

export function WhoStep({ control }: { control: IntakeControl }) {
  return (
    <>
      <Field control={control} name="name" label="Name" autoComplete="off" />
      <Field control={control} name="calledName" label="Likes to be called" autoComplete="off" />
      <BornField control={control} />
      <ChoiceField
        control={control}
        name="sex"
        label="Sex, for the first guess of loads"
        options={sexes}
        hint="Not said: the guess is wider."
      />
      <Field control={control} name="phone" label="Phone" inputMode="tel" autoComplete="off" />
      <Field control={control} name="email" label="E-mail" inputMode="email" autoComplete="off" />
      <Field
        control={control}
        name="emergencyContact"
        label="In an emergency, call"
        hint="Name and number"
        autoComplete="off"
      />
      <GuardianFields control={control} />
      <TouchField control={control} />
      <ConsentField control={control} />
    </>
  );
}
