import { Link, usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Icon } from '../design/Icon';
import { Quiet, Strong } from '../design/Words';
import { useConnection, useOutbox } from '../state/use-journal';

/** What waits to be sent, in plain words: "offline · 3 to send". Quiet when all has arrived. */
function syncText(connection: string, waiting: number, refused: number): string | null {
  const parts = [
    connection === 'offline' ? 'Offline' : connection === 'signed out' ? 'Signed out' : '',
    waiting > 0 ? `${waiting} to send` : '',
    refused > 0 ? `${refused} refused` : '',
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' · ') : null;
}

/** As many entries as a tap or two store. */
const A_FEW = 4;

/** The line above a screen: what has not reached the server yet, and the way to what can be done about it. */
export function SyncNotice({ studio }: { studio: string }) {
  const connection = useConnection();
  const { waiting, refused } = useOutbox();
  const text = syncText(connection, waiting.length, refused.length);
  const onFloor = usePathname() === '/floor';
  // On the floor every line counts: what is on its way is no news, and must not push the screen down with every set.
  const onItsWay = connection === 'online' && refused.length === 0 && waiting.length <= A_FEW;
  if (!text || (onFloor && onItsWay)) return null;
  return (
    <View className="min-h-[2.5rem] flex-row items-center justify-between gap-3 border-b border-line px-4">
      <Link href="/settings?part=device" asChild>
        <Pressable
          role="link"
          aria-label={`Settings of ${studio}`}
          className="min-h-[2.5rem] shrink justify-center"
        >
          <Quiet numberOfLines={1}>{studio}</Quiet>
        </Pressable>
      </Link>
      <View role="status" aria-live="polite" className="flex-row items-center gap-2">
        <Icon
          name={connection === 'offline' ? 'offline' : 'waiting'}
          size={20}
          color={refused.length > 0 ? 'oxide' : 'slate'}
        />
        <Strong className={`text-small ${refused.length > 0 ? 'text-oxide' : ''}`}>{text}</Strong>
      </View>
    </View>
  );
}
