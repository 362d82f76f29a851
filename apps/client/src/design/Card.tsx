import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { classes } from './classes';

/** A framed group. A button where `onPress` is given; `now` marks the one thing that is current. */
export function Card({
  children,
  onPress,
  label,
  now = false,
  chosen = false,
  className = '',
}: {
  children: ReactNode;
  onPress?: () => void;
  label?: string;
  now?: boolean;
  chosen?: boolean;
  className?: string;
}) {
  const frame = now
    ? 'border-marigold bg-marigold-soft'
    : chosen
      ? 'border-moss bg-card'
      : 'border-line bg-card';
  const look = classes('rounded-3xl border p-4', frame, className);
  if (!onPress) return <View className={look}>{children}</View>;
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className={classes(look, 'active:opacity-80')}
    >
      {children}
    </Pressable>
  );
}
