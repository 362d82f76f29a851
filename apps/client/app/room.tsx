import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const RoomScreen = lazyScreen(async () => (await import('@/shell/desk')).RoomScreen, 'the room');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Room() {
  const { list } = useLocalSearchParams<{ list?: string }>();
  return <RoomScreen unit={useSignedIn().studio.unit} list={list !== undefined} />;
}
