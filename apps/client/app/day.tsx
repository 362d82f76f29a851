import { DayScreen } from '@/features/day/DayScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export default function Day() {
  return <DayScreen account={useSignedIn()} />;
}
