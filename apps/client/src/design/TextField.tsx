import { useId, type Ref } from 'react';
import { TextInput, View, type TextInputProps } from 'react-native';
import { Quiet, Strong } from './Words';

/** A labelled text input that stands alone, with its hint or what is wrong with it below. */
export function TextField({
  label,
  value,
  onChange,
  max,
  hint,
  problem,
  inputRef,
  ...input
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  max: number;
  hint?: string;
  problem?: string | null;
  inputRef?: Ref<TextInput>;
} & Pick<
  TextInputProps,
  'inputMode' | 'onBlur' | 'multiline' | 'numberOfLines' | 'placeholder' | 'onSubmitEditing'
>) {
  const id = useId();
  return (
    <View className="gap-1">
      <Strong>{label}</Strong>
      <TextInput
        ref={inputRef}
        value={value}
        onChangeText={onChange}
        aria-label={label}
        aria-describedby={problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
        aria-invalid={Boolean(problem)}
        maxLength={max}
        className={`min-h-tap rounded-2xl border bg-card px-4 py-2 font-text text-body text-ink ${
          problem ? 'border-oxide' : 'border-slate'
        } ${input.multiline ? 'min-h-[4rem]' : ''}`}
        {...input}
      />
      {problem ? (
        <Strong nativeID={`${id}-problem`} role="alert" className="text-small text-oxide">
          {problem}
        </Strong>
      ) : (
        hint && <Quiet nativeID={`${id}-hint`}>{hint}</Quiet>
      )}
    </View>
  );
}
