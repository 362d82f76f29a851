import type { ListedClient } from '@spalo/contract';
import { askAgain, exhales, nowIso, openFlags } from '@spalo/core';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';

const sideWord = { left: 'left ', right: 'right ', both: 'both ', none: '' } as const;

export const flagName = ({ place, side }: ListedClient['flags'][number]) =>
  `${sideWord[side]}${place}${side === 'both' ? 's' : ''}`;

/** The flags and cautions that constrain choice, an unfinished screening, and that this client is nervous. */
export function FlagChips({ client }: { client: ListedClient }) {
  const flags = openFlags(client);
  const uncleared = client.cautions.includes('clearance');
  const out = exhales(client);
  const again = askAgain(client, nowIso()) !== null;
  const nothing = flags.length === 0 && !client.nervous && !uncleared && !out && !again;
  if (nothing && client.screened) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {flags.map((flag) => (
        <Chip key={flag.id} look="flag" icon="alert" label={flagName(flag)} />
      ))}
      {!client.screened && <Chip look="flag" icon="alert" label="screening not finished" />}
      {again && <Chip look="flag" icon="alert" label="ask the questions again" />}
      {uncleared && <Chip look="flag" icon="alert" label="no clearance yet" />}
      {out && <Chip look="flag" label="breathe out" />}
      {client.nervous && <Chip label="nervous: start low" />}
    </View>
  );
}
