import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from './Icon';
import { Quiet, Strong } from './Words';

/**
 * One of a list: its name, a figure or a day at the right, and one quiet line below. Rows lie on the page with a hairline
 * between; a link where `onPress` is given, `chosen` the one that is shown beside the list.
 */
export function Row({
  name,
  end,
  children,
  onPress,
  chosen = false,
  says,
  role = 'link',
}: {
  name: string;
  end?: string;
  children?: ReactNode;
  onPress?: () => void;
  chosen?: boolean;
  /** What is read out instead of the name. */
  says?: string;
  role?: 'link' | 'button';
}) {
  const look = `min-h-[52px] flex-row items-center gap-3 border-b border-line py-2 ${
    chosen ? '-mx-4 bg-coming px-4' : ''
  }`;
  const inside = (
    <>
      <View className="min-w-0 flex-1 gap-0.5">
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
          <Strong className="min-w-0 shrink">{name}</Strong>
          {end !== undefined && <Quiet>{end}</Quiet>}
        </View>
        {typeof children === 'string' ? <Quiet>{children}</Quiet> : children}
      </View>
      {onPress && <Icon name="forward" size={18} color="slate" />}
    </>
  );
  if (!onPress) return <View className={look}>{inside}</View>;
  return (
    <Pressable
      role={role}
      aria-label={says ?? name}
      aria-current={chosen ? 'page' : undefined}
      onPress={onPress}
      className={`${look} active:opacity-70`}
    >
      {inside}
    </Pressable>
  );
}
