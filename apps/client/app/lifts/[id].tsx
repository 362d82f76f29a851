import { useLocalSearchParams } from 'expo-router';
import { lazyScreen } from '@/shell/lazy-screen';

const LiftScreen = lazyScreen(async () => (await import('@/shell/desk')).LiftScreen, 'the lift');

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Lift() {
  const { id } = useLocalSearchParams<'/lifts/[id]'>();
  return <LiftScreen key={id} id={id} />;
}
