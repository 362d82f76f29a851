import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './Button';
import { Icon, type IconName } from './Icon';
import { NotWorkedOut, type Again } from './NotWorkedOut';
import { Body, Title } from './Words';

interface StateProps {
  icon: IconName;
  title: string;
  children: string;
  action?: ReactNode;
}

/** Nothing here yet, and what to do about it. Stands on the ground line, as all that climbs does. */
export function EmptyState({ icon, title, children, action }: StateProps) {
  return (
    <View className="gap-4 py-6">
      <View className="flex-row items-end gap-3 border-b-[3px] border-ink pb-2">
        <Icon name={icon} size={40} color="slate" />
        <Title level={2} className="shrink text-figure">
          {title}
        </Title>
      </View>
      <Body>{children}</Body>
      {action}
    </View>
  );
}

/** Something could not be had; says what, and offers to try again. */
export function ErrorState({ what, onRetry }: { what: string; onRetry?: () => void }) {
  return (
    <EmptyState
      icon="alert"
      title={what}
      action={onRetry && <Button label="Try again" icon="swap" onPress={onRetry} />}
    >
      The network or the server did not answer. What you logged is kept on this device.
    </EmptyState>
  );
}

/** Shapes where content will stand; nothing moves. What could not be worked out says so: `again` tries it anew. */
export function LoadingState({ what, again = null }: { what: string; again?: Again }) {
  if (again) return <NotWorkedOut what={what} again={again} />;
  return (
    <View role="status" aria-label={`Loading ${what}`} className="gap-3 py-2">
      {[0, 1, 2].map((row) => (
        <View key={row} className="h-24 rounded-3xl bg-card" />
      ))}
    </View>
  );
}
