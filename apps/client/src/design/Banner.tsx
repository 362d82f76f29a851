import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Icon, type IconName } from './Icon';
import { Body, Strong } from './Words';

/** note: worth knowing; stop: pain, danger, refusal; wait: not yet sent or loaded. */
export type BannerKind = 'note' | 'stop' | 'wait';

const looks = {
  note: { box: 'bg-card', icon: 'checklist', color: 'slate', text: 'text-ink' },
  stop: { box: 'bg-oxide-soft', icon: 'alert', color: 'oxide', text: 'text-oxide' },
  wait: { box: 'bg-card', icon: 'waiting', color: 'slate', text: 'text-ink' },
} as const;

/** A message across the width. */
export function Banner({
  kind = 'note',
  title,
  children,
  action,
  icon,
}: {
  kind?: BannerKind;
  title: string;
  children?: ReactNode;
  action?: ReactNode;
  icon?: IconName;
}) {
  const look = looks[kind];
  return (
    <View
      role={kind === 'stop' ? 'alert' : 'status'}
      className={`flex-row flex-wrap items-center gap-3 rounded-2xl px-4 py-3 ${look.box}`}
    >
      <Icon name={icon ?? look.icon} color={look.color} />
      <View className="min-w-0 max-w-full shrink grow basis-[10rem] gap-0.5">
        <Strong className={look.text}>{title}</Strong>
        {typeof children === 'string' ? <Body>{children}</Body> : children}
      </View>
      {action}
    </View>
  );
}
