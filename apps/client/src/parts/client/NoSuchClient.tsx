import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { EmptyState } from '../../design/States';

/** Nobody by the id of the address. */
export function NoSuchClient() {
  const router = useRouter();
  return (
    <View className="p-4">
      <EmptyState
        icon="clients"
        title="No such client"
        action={<Button label="All clients" onPress={() => router.push('/clients')} />}
      >
        They may belong to another studio, have been deleted, or the link is old.
      </EmptyState>
    </View>
  );
}
