import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const RoomScreen = lazyScreen(async () => (await import('@/shell/desk')).RoomScreen, 'the room');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Room() {
  return <RoomScreen unit={useSignedIn().studio.unit} />;
}
