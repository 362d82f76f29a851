import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const BlockScreen = lazyScreen(async () => (await import('@/shell/desk')).BlockScreen, 'the block');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Block() {
  const { id } = useLocalSearchParams<'/clients/[id]/block'>();
  return <BlockScreen key={id} id={id} account={useSignedIn()} />;
}
