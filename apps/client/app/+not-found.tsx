import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/design/Button';
import { EmptyState } from '@/design/States';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function NotFound() {
  const router = useRouter();
  return (
    <View className="p-4">
      <EmptyState
        icon="alert"
        title="No such page"
        action={<Button label="Go to the day" onPress={() => router.replace('/day')} />}
      >
        The address is old or mistyped.
      </EmptyState>
    </View>
  );
}
