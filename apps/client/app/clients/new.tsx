import { NewClientScreen } from '@/features/clients/NewClientScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export default function NewClient() {
  return <NewClientScreen account={useSignedIn()} />;
}
