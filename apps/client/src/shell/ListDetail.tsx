import { usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Guard } from '../design/Guard';
import { useWide } from '../design/use-wide';

/** A list and one of its items: side by side when wide, one or the other on a phone. */
export function ListDetail({
  list,
  detail,
  showDetail,
  alone = false,
}: {
  list: ReactNode;
  detail: ReactNode;
  showDetail: boolean;
  /** The item takes the whole width, as a film bench does. */
  alone?: boolean;
}) {
  const wide = useWide();
  const path = usePathname();
  // The detail keeps its place in the tree whatever the width: a navigator that is moved starts over.
  const hidden = !wide && !showDetail;
  return (
    <View className={`min-h-0 flex-1 ${wide ? 'flex-row' : ''}`}>
      {(wide ? !alone : !showDetail) && (
        <View className={wide ? 'w-[24rem] border-r border-line' : 'min-h-0 flex-1'}>
          <Guard at={path} what="The list">
            {list}
          </Guard>
        </View>
      )}
      <View className={hidden ? 'hidden' : 'min-h-0 min-w-0 flex-1'}>{detail}</View>
    </View>
  );
}
