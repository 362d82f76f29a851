import { isAsBegun } from '@spalo/catalog';
import type { Room } from '@spalo/core/room';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Body, Strong } from '../../design/Words';

/** Leads a new studio to say what its room has, for as long as that is what Spalo began with. */
export function FirstRoom({ room }: { room: Room }) {
  const router = useRouter();
  if (!isAsBegun(room)) return null;
  return (
    <View className="gap-2 rounded-2xl bg-coming p-4">
      <Strong>What does your room have?</Strong>
      <Body>
        Loads, lifts and warm-ups are made from it. Spalo began with a usual studio; type or paste
        what really stands there.
      </Body>
      <Button
        kind="main"
        label="Describe the room"
        onPress={() => router.push('/room?list=1')}
        className="self-start"
      />
    </View>
  );
}
