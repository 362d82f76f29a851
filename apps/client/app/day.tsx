import { DayScreen } from '@/features/day/DayScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Day() {
  return <DayScreen account={useSignedIn()} />;
}
