import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

/** A chunk of its own: it comes once a session, and brings all that decides with it. */
const WrapUpScreen = lazyScreen(
  async () => (await import('@/features/wrap-up/WrapUpScreen')).WrapUpScreen,
  'the wrap-up',
);

export default function WrapUp() {
  const { session } = useLocalSearchParams<'/wrap-up/[session]'>();
  return <WrapUpScreen sessionId={session} account={useSignedIn()} />;
}
