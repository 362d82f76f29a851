import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const RecordScreen = lazyScreen(
  async () => (await import('@/shell/desk')).RecordScreen,
  'the record',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function RecordPage() {
  const { id } = useLocalSearchParams<'/clients/[id]/record'>();
  return <RecordScreen key={id} clientId={id} account={useSignedIn()} />;
}
