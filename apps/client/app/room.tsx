import { RoomScreen } from '@/features/room/RoomScreen';
import { useSignedIn } from '@/shell/use-signed-in';

export default function Room() {
  return <RoomScreen unit={useSignedIn().studio.unit} />;
}
