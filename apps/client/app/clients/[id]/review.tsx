import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const ReviewScreen = lazyScreen(
  async () => (await import('@/shell/desk')).ReviewScreen,
  'the review',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Review() {
  const { id } = useLocalSearchParams<'/clients/[id]/review'>();
  return <ReviewScreen key={id} clientId={id} account={useSignedIn()} />;
}
