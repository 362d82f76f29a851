import type { ListedClient } from '@spalo/contract';
import { lessOn } from '@spalo/core/person';
import { amid } from '@spalo/core/unit';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { lessText } from '../../parts/words/less-words';
import type { CalendarDay } from './days';

/** Clients who are away or train less while some days last: who, and why. */
export function TurnedDownLine({
  days,
  clients,
}: {
  days: readonly CalendarDay[];
  clients: readonly ListedClient[];
}) {
  const away = clients
    .filter(({ archivedAt }) => archivedAt === null)
    .flatMap((client) => {
      const found = days.flatMap(({ day, label }) => {
        const less = lessOn(client, day);
        return less ? [{ label, less }] : [];
      });
      const [first] = found;
      if (!first) return [];
      const last = found.at(-1)!;
      const span =
        days.length === 1
          ? ''
          : first === last
            ? ` · ${first.label}`
            : ` · ${first.label} to ${last.label}`;
      const name = client.calledName || client.name;
      return [{ id: client.id, text: `${name}: ${amid(lessText(first.less))}${span}` }];
    });
  if (away.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2" role="list" aria-label="Away, or lighter weeks">
      {away.map(({ id, text }) => (
        <View key={id} role="listitem">
          <Chip label={text} />
        </View>
      ))}
    </View>
  );
}
