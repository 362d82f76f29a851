import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const ClientScreen = lazyScreen(
  async () => (await import('@/shell/desk')).ClientScreen,
  'the client',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Client() {
  const { id } = useLocalSearchParams<'/clients/[id]'>();
  return <ClientScreen key={id} id={id} account={useSignedIn()} />;
}
