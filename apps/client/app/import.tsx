import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const ImportScreen = lazyScreen(
  async () => (await import('@/shell/desk')).ImportScreen,
  'the import',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Import() {
  return <ImportScreen account={useSignedIn()} />;
}
