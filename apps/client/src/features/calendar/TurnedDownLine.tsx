import type { ListedClient } from '@spalo/contract';
import { turnedDownOn } from '@spalo/core/person';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import type { CalendarDay } from './days';

/** Clients whose weeks are turned down while some days last: who, and why. */
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
        const less = turnedDownOn(client, day);
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
      return [{ id: client.id, text: `${name}: ${first.less.reason}${span}` }];
    });
  if (away.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2" role="list" aria-label="Turned down">
      {away.map(({ id, text }) => (
        <View key={id} role="listitem">
          <Chip label={text} />
        </View>
      ))}
    </View>
  );
}
