import { Pressable, Text, View } from 'react-native';
import { tabStop, useArrows } from './use-arrows';

interface Option<T> {
  value: T;
  label: string;
  says?: string;
}

/** One track of options of which one is taken, raised from it; `figures` sets them in the number face. */
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
      className={`flex-row rounded-2xl bg-coming p-[3px] ${wrap ? 'flex-wrap self-start' : ''}`}
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
            className={`min-h-[44px] min-w-[44px] max-w-full items-center justify-center rounded-[13px] border px-3 active:opacity-80 ${
              wrap ? '' : 'flex-1'
            } ${taken ? 'border-line bg-card' : 'border-transparent'}`}
          >
            <Text
              className={`${figures ? 'font-figure text-figure' : taken ? 'font-strong text-small' : 'font-text text-small'} text-center ${
                taken ? 'text-ink' : 'text-slate'
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
