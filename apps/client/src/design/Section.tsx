import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Title } from './Words';

/** A titled part of a screen, with an action beside its title where there is one. */
export function Section({
  title,
  action,
  children,
}: {
  title: string;
  action?: ReactNode;
  children: ReactNode;
}) {
  return (
    <View role="region" aria-label={title} className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <Title level={2} className="shrink text-figure">
          {title}
        </Title>
        {action}
      </View>
      {children}
    </View>
  );
}
