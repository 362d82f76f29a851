import { writtenDay, LANGUAGE } from '@spalo/core/unit';
import { createElement, useRef, useState, type Ref } from 'react';
import { View, type TextInput } from 'react-native';
import { IconButton } from './Button';
import { dayOrder } from './day-order';
import { TextField } from './TextField';

/** The browser's own picker of days, out of sight; its button opens it. */
const hidden = { position: 'absolute', bottom: 0, right: 0, width: 1, height: 1, opacity: 0 };

const LONGEST = 20;
const written = new Intl.DateTimeFormat(LANGUAGE, { dateStyle: 'medium', timeZone: 'UTC' });
const told = new Intl.DateTimeFormat(LANGUAGE, {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/**
 * A day, typed as people type them or taken from the device's own picker; what it is read as stands below. `onChange` gets
 * it as 2026-11-24, or what is typed where that is no day.
 */
export function DateField({
  label,
  value,
  onChange,
  most,
  hint = 'As 24 Nov 2026',
  ...rest
}: {
  label: string;
  value: string;
  onChange: (day: string) => void;
  /** The last day that can be meant. */
  most?: string;
  hint?: string;
  problem?: string | null;
  onBlur?: () => void;
  inputRef?: Ref<TextInput>;
}) {
  const picker = useRef<HTMLInputElement>(null);
  const read = (text: string) => writtenDay(text, dayOrder, most);
  const [typed, setTyped] = useState('');
  const day = read(value);
  // A day that came from elsewhere is shown as people write it; what was typed stays as it was typed.
  const shown =
    (read(typed) ?? typed) === value ? typed : day ? written.format(Date.parse(day)) : value;
  return (
    <View className="flex-row items-start gap-2">
      <View className="min-w-0 flex-1">
        <TextField
          {...rest}
          label={label}
          value={shown}
          onChange={(text) => {
            setTyped(text);
            onChange(read(text) ?? text);
          }}
          hint={day ? told.format(Date.parse(day)) : hint}
          max={LONGEST}
        />
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
          value: day ?? '',
          onChange: ({ target }: { target: { value: string } }) => onChange(target.value),
        })}
      </View>
    </View>
  );
}
