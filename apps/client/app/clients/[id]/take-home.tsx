import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const TakeHomeScreen = lazyScreen(
  async () => (await import('@/shell/desk')).TakeHomeScreen,
  'the page',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function TakeHome() {
  const { id, session } = useLocalSearchParams<'/clients/[id]/take-home', { session?: string }>();
  return (
    <TakeHomeScreen
      key={`${id} ${session ?? ''}`}
      clientId={id}
      sessionId={session ?? null}
      account={useSignedIn()}
    />
  );
}
