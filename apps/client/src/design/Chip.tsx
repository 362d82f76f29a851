import { Pressable, Text } from 'react-native';
import { Icon, type IconName } from './Icon';
import type { Tone } from './tone';

const looks = {
  plain: { box: 'bg-coming', text: 'text-ink', icon: 'slate' },
  taken: { box: 'bg-moss', text: 'text-on-moss', icon: 'on-moss' },
  flag: { box: 'bg-oxide-soft', text: 'text-oxide', icon: 'oxide' },
  done: { box: 'bg-coming', text: 'text-ink', icon: 'moss' },
} satisfies Record<string, { box: string; text: string; icon: Tone }>;

/** A short word on a tone; a button where `onPress` is given. */
export function Chip({
  label,
  look = 'plain',
  icon,
  onPress,
  pressed,
  says,
  shortcut,
}: {
  label: string;
  /** What is read out instead of the label. */
  says?: string;
  look?: keyof typeof looks;
  icon?: IconName;
  onPress?: () => void;
  pressed?: boolean;
  /** The key that presses it on the floor. */
  shortcut?: string;
}) {
  const { box, text, icon: color } = looks[look];
  const size = onPress ? 'min-h-tap px-4' : 'min-h-[2rem] px-3';
  return (
    <Pressable
      role={onPress ? 'button' : undefined}
      aria-label={says}
      aria-keyshortcuts={shortcut}
      aria-pressed={onPress ? pressed : undefined}
      disabled={!onPress}
      onPress={onPress}
      className={`max-w-full flex-row items-center gap-1.5 self-start rounded-full ${size} ${box}`}
    >
      {icon && <Icon name={icon} size={18} color={color} />}
      <Text className={`shrink font-strong text-small ${text}`}>{label}</Text>
    </Pressable>
  );
}
