import type { ListedClient } from '@spalo/contract';
import { askAgain, exhales, openFlags } from '@spalo/core/person';
import { nowIso } from '@spalo/core/unit';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';

const sideWord = { left: 'left ', right: 'right ', both: 'both ', none: '' } as const;

export const flagName = ({ place, side }: ListedClient['flags'][number]) =>
  `${sideWord[side]}${place}${side === 'both' ? 's' : ''}`;

/** What constrains choice in words: flags, what screening asks for, and what to be careful with. */
export function constraintsOf(client: ListedClient): { flags: string[]; notes: string[] } {
  return {
    flags: openFlags(client).map(flagName),
    notes: [
      ...(client.screened ? [] : ['screening not finished']),
      ...(askAgain(client, nowIso()) === null ? [] : ['ask the questions again']),
      ...(client.cautions.includes('clearance') ? ['no clearance yet'] : []),
      ...(exhales(client) ? ['breathe out'] : []),
      ...(client.nervous ? ['nervous: start low'] : []),
    ],
  };
}

/** The flags and cautions that constrain choice, an unfinished screening, and that this client is nervous. */
export function FlagChips({ client }: { client: ListedClient }) {
  const { flags, notes } = constraintsOf(client);
  if (flags.length + notes.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {flags.map((label) => (
        <Chip key={label} look="flag" icon="alert" label={label} />
      ))}
      {notes.map((label) => (
        <Chip key={label} look="flag" label={label} />
      ))}
    </View>
  );
}
