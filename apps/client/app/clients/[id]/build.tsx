import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const BuilderScreen = lazyScreen(
  async () => (await import('@/shell/desk')).BuilderScreen,
  'the session',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Build() {
  const { id, booking } = useLocalSearchParams<'/clients/[id]/build', { booking?: string }>();
  return (
    <BuilderScreen
      key={`${id} ${booking ?? ''}`}
      clientId={id}
      bookingId={booking ?? null}
      account={useSignedIn()}
    />
  );
}
