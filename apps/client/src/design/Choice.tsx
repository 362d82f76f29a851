import { Pressable, Text, View } from 'react-native';
import { tabStop, useArrows } from './use-arrows';

interface Option<T> {
  value: T;
  label: string;
  says?: string;
}

/** A row of options of which one is taken; `figures` sets them in the number face. */
export function Choice<T extends string | number | boolean | null>({
  label,
  options,
  value,
  onChange,
  figures = false,
  wrap = false,
}: {
  label: string;
  options: readonly Option<T>[];
  /** Null while none is taken. */
  value: T | null;
  onChange: (value: T) => void;
  figures?: boolean;
  wrap?: boolean;
}) {
  const group = useArrows('radio');
  const anyTaken = options.some((option) => option.value === value);
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      className={`flex-row gap-2 ${wrap ? 'flex-wrap' : ''}`}
    >
      {options.map((option, at) => {
        const taken = option.value === value;
        return (
          <Pressable
            key={String(option.value)}
            role="radio"
            tabIndex={tabStop(taken, at, anyTaken)}
            aria-checked={taken}
            aria-label={option.says ?? option.label}
            onPress={() => onChange(option.value)}
            className={`min-h-tap min-w-tap max-w-full items-center justify-center rounded-2xl border-2 px-3 active:opacity-80 ${
              wrap ? '' : 'flex-1'
            } ${taken ? 'border-ink bg-ink' : 'border-line bg-card'}`}
          >
            <Text
              className={`${figures ? 'font-figure text-figure' : 'font-strong text-small'} text-center ${
                taken ? 'text-card' : 'text-ink'
              }`}
            >
              {option.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
