import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';

const CalendarScreen = lazyScreen(
  async () => (await import('@/shell/desk')).CalendarScreen,
  'the calendar',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function Calendar() {
  return <CalendarScreen account={useSignedIn()} />;
}
