import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const SettingsScreen = lazyScreen(
  async () => (await import('@/shell/desk')).SettingsScreen,
  'the settings',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Settings() {
  return <SettingsScreen account={useSignedIn()} />;
}
