import { Field } from '../../design/Field';
import { ChoiceField } from '../forms/ChoiceField';
import type { IntakeControl } from './client-form';

const sexes = [
  { value: 'female', label: 'Female' },
  { value: 'male', label: 'Male' },
  { value: 'unsaid', label: 'Rather not say' },
] as const;
const consents = [
  { value: true, label: 'Yes, agreed' },
  { value: false, label: 'Not yet' },
] as const;

export function WhoStep({ control }: { control: IntakeControl }) {
  return (
    <>
      <Field control={control} name="name" label="Name" autoComplete="off" />
      <Field control={control} name="calledName" label="Likes to be called" autoComplete="off" />
      <Field
        control={control}
        name="birthDate"
        label="Born on"
        hint="Year, month, day: 1990-05-31. May stay empty."
        inputMode="numeric"
      />
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
      <ChoiceField
        control={control}
        name="consent"
        label="Agrees that health answers are kept"
        options={consents}
        hint="Without it the health questions are not stored."
      />
    </>
  );
}
