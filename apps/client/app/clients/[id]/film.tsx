import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const FilmScreen = lazyScreen(async () => (await import('@/shell/desk')).FilmScreen, 'the film');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Film() {
  const { id, clip } = useLocalSearchParams<'/clients/[id]/film', { clip: string }>();
  return <FilmScreen key={clip} clientId={id} clipId={clip} account={useSignedIn()} />;
}
