import { FloorScreen } from '@/features/floor/FloorScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Floor() {
  return <FloorScreen account={useSignedIn()} />;
}
