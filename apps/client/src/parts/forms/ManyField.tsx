import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { Quiet, Strong } from '../../design/Words';

/** A labelled choice of any number of options of a form. */
export function ManyField<T extends FieldValues, V extends string, Output = T>({
  control,
  name,
  label,
  options,
  hint,
}: {
  control: Control<T, unknown, Output>;
  name: FieldPath<T>;
  label: string;
  options: readonly { value: V; label: string }[];
  hint?: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => {
        const taken = field.value as V[];
        const toggle = (value: V) =>
          field.onChange(
            taken.includes(value) ? taken.filter((each) => each !== value) : [...taken, value],
          );
        return (
          <View className="gap-1">
            <Strong>{label}</Strong>
            <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
              {options.map((option) => (
                <Chip
                  key={option.value}
                  label={option.label}
                  look={taken.includes(option.value) ? 'taken' : 'plain'}
                  pressed={taken.includes(option.value)}
                  onPress={() => toggle(option.value)}
                />
              ))}
            </View>
            {hint && <Quiet>{hint}</Quiet>}
          </View>
        );
      }}
    />
  );
}
