import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { IntakeScreen } from '@/features/intake/IntakeScreen';
import { useSignedIn } from '@/shell/use-signed-in';
import { newId } from '@/state/ids';

export default function NewClient() {
  const { draft } = useLocalSearchParams<{ draft?: string }>();
  const [fresh] = useState(newId);
  const draftId = draft ?? fresh;
  return <IntakeScreen key={draftId} draftId={draftId} account={useSignedIn()} />;
}
