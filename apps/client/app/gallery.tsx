import NotFound from './+not-found';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSetup } from '@/state/queries';

/** Trainers never download it. */
const GalleryScreen = lazyScreen(
  async () => (await import('@/features/gallery/GalleryScreen')).GalleryScreen,
  'the gallery',
);

/** Only in development and tests, where the server says so. */
export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Gallery() {
  const { data: setup, isPending } = useSetup();
  if (isPending) return null;
  return setup?.gallery ? <GalleryScreen /> : <NotFound />;
}
