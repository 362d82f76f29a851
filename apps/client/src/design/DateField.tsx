import { createElement, useRef } from 'react';
import { View } from 'react-native';
import { IconButton } from './Button';
import { TextField } from './TextField';

/** The browser's own picker of days, out of sight; its button opens it. */
const hidden = { position: 'absolute', bottom: 0, right: 0, width: 1, height: 1, opacity: 0 };

/** A day ("2026-11-24"), typed or taken from the device's own picker. */
export function DateField({
  label,
  value,
  onChange,
  most,
  ...rest
}: {
  label: string;
  value: string;
  onChange: (day: string) => void;
  /** The last day that the picker offers. */
  most?: string;
  hint?: string;
  problem?: string | null;
}) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <View className="flex-row items-start gap-2">
      <View className="min-w-0 flex-1">
        <TextField {...rest} label={label} value={value} onChange={onChange} max={10} />
      </View>
      <View className="pt-7">
        <IconButton
          icon="day"
          label={`Choose the day: ${label}`}
          onPress={() => picker.current?.showPicker()}
        />
        {createElement('input', {
          ref: picker,
          type: 'date',
          'aria-hidden': true,
          tabIndex: -1,
          style: hidden,
          max: most,
          // What is typed may not be a day yet.
          value: /^\d{4}-\d{2}-\d{2}$/.test(value) ? value : '',
          onChange: ({ target }: { target: { value: string } }) => onChange(target.value),
        })}
      </View>
    </View>
  );
}
