import { useLocalSearchParams } from 'expo-router';
import { WrapUpScreen } from '@/features/wrap-up/WrapUpScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function WrapUp() {
  const { session } = useLocalSearchParams<'/wrap-up/[session]'>();
  return <WrapUpScreen sessionId={session} account={useSignedIn()} />;
}
