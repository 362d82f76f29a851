import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from '../design/use-wide';

/** A list and one of its items: side by side when wide, one or the other on a phone. */
export function ListDetail({ list, detail, showDetail }: { list: ReactNode; detail: ReactNode; showDetail: boolean }) {
  const wide = useWide();
  if (!wide) return <View className="min-h-0 flex-1">{showDetail ? detail : list}</View>;
  return (
    <View className="min-h-0 flex-1 flex-row">
      <View className="w-[24rem] border-r-2 border-line">{list}</View>
      <View className="min-h-0 min-w-0 flex-1">{detail}</View>
    </View>
  );
}
