import type { ListedClient } from '@spalo/contract';
import { View } from 'react-native';
import { Strong } from '../../design/Words';
import { constraintsOf } from './FlagChips';

/** What constrains choice, in one line behind a dot; nothing where nothing does. */
export function FlagLine({ client }: { client: ListedClient }) {
  const { flags, notes } = constraintsOf(client);
  const all = [...flags, ...notes];
  if (all.length === 0) return null;
  return (
    <View className="min-w-0 shrink flex-row items-center gap-1.5">
      <View aria-hidden className="h-2 w-2 rounded-full bg-oxide" />
      <Strong className="shrink text-small text-oxide">{all.join(' · ')}</Strong>
    </View>
  );
}
