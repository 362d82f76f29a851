import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { ChoiceField as LabelledChoice } from '../../design/ChoiceField';

/** A labelled choice of a form, with its message beside it. */
export function ChoiceField<T extends FieldValues, V extends string | boolean | null, Output = T>({
  control,
  name,
  label,
  options,
  hint,
  wrap = false,
}: {
  control: Control<T, unknown, Output>;
  name: FieldPath<T>;
  label: string;
  options: readonly { value: V; label: string }[];
  hint?: string;
  wrap?: boolean;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <LabelledChoice
          label={label}
          options={options}
          value={field.value as V}
          onChange={field.onChange}
          wrap={wrap}
          hint={hint}
          problem={fieldState.error?.message}
        />
      )}
    />
  );
}
