import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Banner } from '../design/Banner';
import { Button } from '../design/Button';
import { useSignedIn } from '../state/signed-in';

/** Says that one's account was opened on another device: if it was not oneself, somebody knows the password. */
export function SignedInNotice({ trainerId }: { trainerId: string }) {
  const router = useRouter();
  const heard = useSignedIn((state) => state.heard);
  if (heard?.trainerId !== trainerId) return null;
  const done = () => useSignedIn.setState({ heard: null });
  const look = () => {
    done();
    router.push('/settings');
  };
  return (
    <Banner
      kind="wait"
      title={`Signed in on a new device: ${heard.browser || 'unknown browser'}`}
      action={
        <View className="flex-row flex-wrap gap-2">
          <Button label="That was me" onPress={done} />
          <Button label="Look at sign-ins" onPress={look} />
        </View>
      }
    >
      If it was not you, end it in the settings and choose a new password.
    </Banner>
  );
}
