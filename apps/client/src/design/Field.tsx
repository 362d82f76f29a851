import { useId } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { TextInput, View, type TextInputProps } from 'react-native';
import { Quiet, Strong } from './Words';

/** A labelled text field of a form, with its message beside it. */
export function Field<T extends FieldValues, Output = T>({
  control,
  name,
  label,
  hint,
  ...input
}: {
  control: Control<T, unknown, Output>;
  name: FieldPath<T>;
  label: string;
  hint?: string;
} & Pick<TextInputProps, 'secureTextEntry' | 'inputMode' | 'autoComplete' | 'multiline'>) {
  const id = useId();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <View className="gap-1">
          <Strong nativeID={`${id}-label`}>{label}</Strong>
          <TextInput
            ref={field.ref}
            value={String(field.value ?? '')}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            aria-label={label}
            aria-describedby={fieldState.error ? `${id}-error` : hint ? `${id}-hint` : undefined}
            aria-invalid={fieldState.invalid}
            className={`min-h-tap rounded-2xl border bg-card px-4 py-2 font-text text-body text-ink ${
              fieldState.invalid ? 'border-oxide' : 'border-slate'
            }`}
            {...input}
          />
          {fieldState.error ? (
            <Strong nativeID={`${id}-error`} role="alert" className="text-small text-oxide">
              {fieldState.error.message}
            </Strong>
          ) : (
            hint && <Quiet nativeID={`${id}-hint`}>{hint}</Quiet>
          )}
        </View>
      )}
    />
  );
}
