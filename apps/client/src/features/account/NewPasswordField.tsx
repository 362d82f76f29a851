import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { Field } from '../../design/Field';

/** Where a password is chosen, with what makes a good one. */
export function NewPasswordField<T extends FieldValues, Output = T>({
  control,
  name,
  label = 'Password',
}: {
  control: Control<T, unknown, Output>;
  name: FieldPath<T>;
  label?: string;
}) {
  return (
    <Field
      control={control}
      name={name}
      label={label}
      hint="At least 10 characters: several words are easy to keep and hard to guess."
      secureTextEntry
      autoComplete="new-password"
    />
  );
}
