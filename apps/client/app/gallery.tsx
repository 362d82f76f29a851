import { lazy, Suspense } from 'react';
import NotFound from './+not-found';
import { useSetup } from '@/state/queries';

// A chunk of its own: trainers never download it.
const GalleryScreen = lazy(() => import('@/features/gallery/GalleryScreen'));

/** Only in development and tests, where the server says so. */
export default function Gallery() {
  const { data: setup, isPending } = useSetup();
  if (isPending) return null;
  if (!setup?.gallery) return <NotFound />;
  return (
    <Suspense fallback={null}>
      <GalleryScreen />
    </Suspense>
  );
}
