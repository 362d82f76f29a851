import { useLocalSearchParams } from 'expo-router';
import { ClientScreen } from '@/features/clients/ClientScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export default function Client() {
  const { id } = useLocalSearchParams<'/clients/[id]'>();
  return <ClientScreen key={id} id={id} account={useSignedIn()} />;
}
