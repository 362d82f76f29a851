import { Pressable, Text, View } from 'react-native';
import { classes } from './classes';
import { Icon, type IconName } from './Icon';
import type { Tone } from './tone';

/**
 * Three levels: main is filled, the one thing to do on a screen; plain is tonal, another thing; quiet is text alone, the rest.
 * now: what is running; stop: ends or removes. Outlines are for what is typed into.
 */
export type ButtonKind = 'main' | 'plain' | 'quiet' | 'now' | 'stop';

const looks: Record<ButtonKind, { box: string; text: string; icon: Tone }> = {
  main: { box: 'bg-moss px-4', text: 'text-on-moss', icon: 'on-moss' },
  plain: { box: 'bg-coming px-4', text: 'text-ink', icon: 'ink' },
  quiet: { box: 'px-2', text: 'text-moss', icon: 'moss' },
  now: { box: 'bg-marigold px-4', text: 'text-on-marigold', icon: 'on-marigold' },
  stop: { box: 'bg-oxide-soft px-4', text: 'text-oxide', icon: 'oxide' },
};

/** A large label of more letters is set smaller, so that it stays in one line. */
const LONG = 18;

interface ButtonProps {
  label: string;
  onPress: () => void;
  kind?: ButtonKind;
  icon?: IconName;
  /** Large, for the main action in the thumb's reach. */
  big?: boolean;
  disabled?: boolean;
  className?: string;
  /** Read out instead of the label, where the label is short for its place. */
  says?: string;
  /** The key that presses it on the floor. */
  shortcut?: string;
}

export function Button({
  label,
  onPress,
  kind = 'plain',
  icon,
  big = false,
  disabled = false,
  className = '',
  says,
  shortcut,
}: ButtonProps) {
  const look = looks[kind];
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      aria-keyshortcuts={shortcut}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={classes(
        'flex-row items-center justify-center gap-2 rounded-2xl',
        big ? 'min-h-[64px]' : 'min-h-tap',
        look.box,
        disabled ? 'opacity-60' : 'active:opacity-80',
        className,
      )}
    >
      {icon && <Icon name={icon} color={look.icon} />}
      <Text
        className={`text-center ${big ? `font-figure ${label.length > LONG ? 'text-lead leading-6' : 'text-name leading-8'}` : 'font-strong text-body'} ${look.text}`}
      >
        {label}
      </Text>
    </Pressable>
  );
}

/** A square button with an icon; `label` is read out and shown below where `caption` is set. */
export function IconButton({
  icon,
  label,
  says,
  onPress,
  caption = false,
  color = 'ink',
  className = '',
  shortcut,
}: {
  icon: IconName;
  label: string;
  /** Read out instead of the label. */
  says?: string;
  onPress: () => void;
  caption?: boolean;
  color?: Tone;
  className?: string;
  shortcut?: string;
}) {
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      aria-keyshortcuts={shortcut}
      onPress={onPress}
      className={classes(
        'min-h-tap min-w-tap items-center justify-center rounded-2xl bg-coming active:opacity-80',
        className,
      )}
    >
      <Icon name={icon} color={color} />
      {caption && (
        <View aria-hidden>
          <Text className="font-text text-small text-slate">{label.toLowerCase()}</Text>
        </View>
      )}
    </Pressable>
  );
}
