import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Quiet, Strong } from '../../design/Words';

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
        <View className="gap-1">
          <Strong>{label}</Strong>
          <Choice
            label={label}
            options={options}
            value={field.value as V}
            onChange={field.onChange}
            wrap={wrap}
          />
          {fieldState.error ? (
            <Strong role="alert" className="text-small text-oxide">
              {fieldState.error.message}
            </Strong>
          ) : (
            hint && <Quiet>{hint}</Quiet>
          )}
        </View>
      )}
    />
  );
}
