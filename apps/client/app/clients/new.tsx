import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';
import { newId } from '@/state/log/ids';

const IntakeScreen = lazyScreen(
  async () => (await import('@/shell/desk')).IntakeScreen,
  'the intake',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function NewClient() {
  const { draft } = useLocalSearchParams<{ draft?: string }>();
  const [fresh] = useState(newId);
  const draftId = draft ?? fresh;
  return <IntakeScreen key={draftId} draftId={draftId} account={useSignedIn()} />;
}
