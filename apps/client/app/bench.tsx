import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const BenchScreen = lazyScreen(async () => (await import('@/shell/desk')).BenchScreen, 'the bench');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Bench() {
  const { unit } = useSignedIn().studio;
  const { lift } = useLocalSearchParams<{ lift?: string }>();
  return <BenchScreen unit={unit} liftId={lift ?? null} />;
}
