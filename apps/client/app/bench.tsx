import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense } from 'react';
import { LoadingState } from '@/design/States';
import { useSignedIn } from '@/shell/use-signed-in';

// A chunk of its own: the first load stays small.
const BenchScreen = lazy(() => import('@/features/warm-up/BenchScreen'));

export default function Bench() {
  const { unit } = useSignedIn().studio;
  const { lift } = useLocalSearchParams<{ lift?: string }>();
  return (
    <Suspense fallback={<LoadingState what="the bench" />}>
      <BenchScreen unit={unit} liftId={lift ?? null} />
    </Suspense>
  );
}
