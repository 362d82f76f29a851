import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Body, Strong } from '../../design/Words';
import { useClients } from '../../state/queries';

/** Leads a studio that has no clients yet to say what its room has. */
export function FirstRoom() {
  const router = useRouter();
  const { data: clients } = useClients();
  if (!clients || clients.length > 0) return null;
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
