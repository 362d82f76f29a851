import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Title } from './Words';

/** A titled part of a screen, with an action beside its title where there is one. */
export function Section({
  title,
  says,
  action,
  children,
}: {
  title: string;
  /** What the part is called where the title is short for its place. */
  says?: string;
  action?: ReactNode;
  children: ReactNode;
}) {
  return (
    <View role="region" aria-label={says ?? title} className="gap-3">
      <View className="min-h-[2.25rem] flex-row items-center justify-between gap-3 border-b border-line pb-1">
        <Title level={2} className="shrink text-figure">
          {title}
        </Title>
        {action}
      </View>
      {children}
    </View>
  );
}
