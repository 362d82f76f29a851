import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useSpace } from '../../../design/use-space';

/** One thing after another; beside each other on a phone that lies on its side. */
export function Beside({ first, second }: { first: ReactNode; second: ReactNode }) {
  const { flat } = useSpace();
  if (!flat) {
    return (
      <>
        {first}
        {second}
      </>
    );
  }
  return (
    <View className="flex-row gap-4">
      <View className="min-w-0 flex-1 gap-1">{first}</View>
      <View className="min-w-0 flex-1 gap-1">{second}</View>
    </View>
  );
}
