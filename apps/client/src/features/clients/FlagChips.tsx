import type { Client } from '@spalo/contract';
import { openFlags } from '@spalo/core';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';

const sideWord = { left: 'left ', right: 'right ', both: 'both ', none: '' } as const;

export const flagName = ({ place, side }: Client['flags'][number]) =>
  `${sideWord[side]}${place}${side === 'both' ? 's' : ''}`;

/** The flags that constrain choice, and that this client is nervous. */
export function FlagChips({ client }: { client: Client }) {
  const flags = openFlags(client);
  if (flags.length === 0 && !client.nervous) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {flags.map((flag) => (
        <Chip key={flag.id} look="flag" icon="alert" label={flagName(flag)} />
      ))}
      {client.nervous && <Chip label="nervous: start low" />}
    </View>
  );
}
