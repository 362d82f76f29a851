import { useState, type ReactNode } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from './Button';
import { Sheet } from './Sheet';

/** The one row of controls above a list: what is looked for, and behind one button how it is ordered and narrowed. */
export function FindBar({
  label,
  hint,
  value,
  onChange,
  button,
  says,
  children,
}: {
  /** What is looked for, as it is read out. */
  label: string;
  hint: string;
  value: string;
  onChange: (text: string) => void;
  /** What the button says: the order, or how many filters are on. */
  button: string;
  says: string;
  /** What stands behind the button. */
  children: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <View className="flex-row flex-wrap gap-2">
      <TextInput
        value={value}
        onChangeText={onChange}
        aria-label={label}
        placeholder={hint}
        maxLength={40}
        className="min-h-tap min-w-[9rem] flex-1 rounded-2xl border border-slate bg-card px-4 font-text text-body text-ink"
      />
      <Button label={button} says={`${says}: ${button}`} onPress={() => setOpen(true)} />
      <Sheet title={says} open={open} onClose={() => setOpen(false)}>
        {children}
        <Button kind="main" label="Show" onPress={() => setOpen(false)} />
      </Sheet>
    </View>
  );
}
