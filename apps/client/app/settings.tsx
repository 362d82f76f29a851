import { SettingsScreen } from '@/features/account/SettingsScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export default function Settings() {
  return <SettingsScreen account={useSignedIn()} />;
}
