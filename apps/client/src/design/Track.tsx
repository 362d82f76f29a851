import { Pressable, Text, View } from 'react-native';
import { classes } from './classes';
import { tabStop, useArrows } from './use-arrows';

interface Option<T> {
  value: T;
  label: string;
  /** Read out instead of the label. */
  says?: string;
}

export interface TrackProps<T> {
  label: string;
  options: readonly Option<T>[];
  /** Null while none is taken. */
  value: T | null;
  onChange: (value: T) => void;
}

const roles = {
  radio: { group: 'radiogroup', taken: 'aria-checked' },
  tab: { group: 'tablist', taken: 'aria-selected' },
} as const;

/** One track of which one option is taken, raised from it: radios or tabs, with their keys. */
export function Track<T extends string | number | boolean | null>({
  role,
  label,
  options,
  value,
  onChange,
  figures = false,
  className,
  optionClass,
}: TrackProps<T> & {
  role: keyof typeof roles;
  /** Sets the options in the number face. */
  figures?: boolean;
  className: string;
  optionClass: string;
}) {
  const group = useArrows(role);
  const anyTaken = options.some((option) => option.value === value);
  return (
    <View
      ref={group}
      role={roles[role].group}
      aria-label={label}
      className={classes('flex-row rounded-2xl bg-coming p-0.5', className)}
    >
      {options.map((option, at) => {
        const taken = option.value === value;
        const face = figures
          ? 'font-figure text-figure'
          : `${taken ? 'font-strong' : 'font-text'} text-small`;
        return (
          <Pressable
            key={String(option.value)}
            role={role}
            tabIndex={tabStop(taken, at, anyTaken)}
            {...{ [roles[role].taken]: taken }}
            aria-label={option.says ?? option.label}
            onPress={() => onChange(option.value)}
            className={classes(
              'min-h-[44px] min-w-[44px] items-center justify-center rounded-[13px] border active:opacity-80',
              taken ? 'border-line bg-card' : 'border-transparent',
              optionClass,
            )}
          >
            <Text className={`text-center ${face} ${taken ? 'text-ink' : 'text-slate'}`}>
              {option.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
