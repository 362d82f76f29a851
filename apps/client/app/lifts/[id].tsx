import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';

const LiftScreen = lazyScreen(async () => (await import('@/shell/desk')).LiftScreen, 'the lift');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Lift() {
  const { id, style, fault } = useLocalSearchParams<{
    id: string;
    style?: string;
    fault?: string;
  }>();
  return <LiftScreen key={`${id}/${style}/${fault}`} id={id} sought={{ style, fault }} />;
}
