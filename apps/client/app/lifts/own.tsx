import { lazyScreen } from '@/shell/lazy-screen';

const OwnLiftsScreen = lazyScreen(
  async () => (await import('@/shell/desk')).OwnLiftsScreen,
  'the studio’s own lifts',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function OwnLifts() {
  return <OwnLiftsScreen />;
}
