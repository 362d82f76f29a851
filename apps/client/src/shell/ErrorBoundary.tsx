import { useEffect } from 'react';
import { View } from 'react-native';
import { FailedBanner } from '../design/Guard';
import { onFetched } from '../state/query-client';

/**
 * Stands where a screen cannot be drawn; a route exports it under this name. Inside the navigator, which keeps its place:
 * the way to every other screen stays open.
 */
export function ErrorBoundary({ retry }: { retry: () => unknown }) {
  useEffect(() => onFetched(() => void retry()), [retry]);
  return (
    <View className="p-4">
      <FailedBanner what="This screen" onTry={() => void retry()} />
    </View>
  );
}
