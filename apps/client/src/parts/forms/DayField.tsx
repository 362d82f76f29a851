import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { DateField } from '../../design/DateField';

/** A day of a form, with its message beside it. */
export const DayField = <T extends FieldValues, Output = T>({
  control,
  name,
  label,
  most,
}: {
  control: Control<T, unknown, Output>;
  name: FieldPath<T>;
  label: string;
  /** The last day that can be meant. */
  most?: string;
}) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <DateField
        label={label}
        value={String(field.value ?? '')}
        onChange={field.onChange}
        onBlur={field.onBlur}
        inputRef={field.ref}
        problem={fieldState.error?.message ?? null}
        {...(most !== undefined && { most })}
      />
    )}
  />
);
