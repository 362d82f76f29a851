import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useIntakeDrafts } from '@/parts/client-form/intake-drafts';
import { lazyScreen } from '@/shell/lazy-screen';
import { useSignedIn } from '@/shell/use-signed-in';
import { newId } from '@/state/log/ids';

const IntakeScreen = lazyScreen(
  async () => (await import('@/shell/desk')).IntakeScreen,
  'the intake',
);
const NewClientScreen = lazyScreen(
  async () => (await import('@/shell/desk')).NewClientScreen,
  'the new client',
);

export { ErrorBoundary } from '@/shell/ErrorBoundary';

/** What is needed now, or with `all` the whole first talk; one that got past its first step goes on there. */
export default function NewClient() {
  const { draft, all } = useLocalSearchParams<{ draft?: string; all?: string }>();
  const [fresh] = useState(newId);
  const draftId = draft ?? fresh;
  const [drafts] = useState(() => useIntakeDrafts.getState().drafts);
  const whole = all === '1' || (drafts[draftId]?.step ?? 0) > 0;
  const Screen = whole ? IntakeScreen : NewClientScreen;
  return <Screen key={`${draftId} ${whole}`} draftId={draftId} account={useSignedIn()} />;
}
