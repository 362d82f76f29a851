import { Link, usePathname } from 'expo-router';
import { Pressable } from 'react-native';
import { Icon } from '../design/Icon';
import { Quiet } from '../design/Words';

/** Says that this address is not one that browsers trust, so that nothing of Spalo is kept for when the network goes. */
export function InsecureNotice() {
  const onFloor = usePathname() === '/floor';
  if (onFloor) return null;
  return (
    <Link href="/settings?part=phones" asChild>
      <Pressable
        role="link"
        className="min-h-tap flex-row items-center gap-2 border-b border-line bg-oxide-soft px-4"
      >
        <Icon name="alert" size={20} color="oxide" />
        <Quiet className="min-w-0 flex-1 text-ink">
          This address is not secure: without network this device loses the floor.
        </Quiet>
        <Icon name="forward" size={18} color="slate" />
      </Pressable>
    </Link>
  );
}
