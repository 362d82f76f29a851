import { amid } from '@spalo/core/unit';
import { furnitureKinds, type FurnitureKind } from '@spalo/core/lift';
import { standing, type Room } from '@spalo/core/room';
import { View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { furnitureWords } from '../../parts/words/furniture-words';
import { withFurniture } from './change-equipment';

/** As many of a kind as a room may have. */
const MOST = 50;

function Kind({
  kind,
  count,
  onChange,
}: {
  kind: FurnitureKind;
  count: number;
  onChange: (count: number) => void;
}) {
  const { name, says } = furnitureWords[kind];
  return (
    <View
      role="group"
      aria-label={`${name}: ${count}`}
      className="min-h-[52px] flex-row flex-wrap items-center gap-2 border-b border-line py-1"
    >
      <View className="min-w-[8rem] flex-1">
        <Strong>{name}</Strong>
        <Quiet>{says}</Quiet>
      </View>
      <View className="flex-row items-center">
        <View className={count > 0 ? '' : 'opacity-40'}>
          <IconButton
            icon="minus"
            label={`One ${amid(name)} less`}
            onPress={() => count > 0 && onChange(count - 1)}
          />
        </View>
        <Figure className="w-8 text-center">{String(count)}</Figure>
        <View className={count < MOST ? '' : 'opacity-40'}>
          <IconButton
            icon="plus"
            label={`One ${amid(name)} more`}
            onPress={() => count < MOST && onChange(count + 1)}
          />
        </View>
      </View>
    </View>
  );
}

/** What lifts are done at in a room, kind by kind; until somebody says, nothing is held back for lack of it. */
export function FurnitureSection({
  room,
  onChange,
}: {
  room: Room;
  onChange: (room: Room) => void;
}) {
  if (!room.furniture) {
    return (
      <Section title="Racks, benches and bars">
        <Body>
          Nobody has said what stands here, so no lift is left out for want of a rack or a bench.
        </Body>
        <Button
          label="Say what stands here"
          onPress={() => onChange({ ...room, furniture: [] })}
          className="self-start"
        />
      </Section>
    );
  }
  return (
    <Section title="Racks, benches and bars">
      <View>
        {furnitureKinds.map((kind) => (
          <Kind
            key={kind}
            kind={kind}
            count={standing(room, kind)}
            onChange={(count) => onChange(withFurniture(room, kind, count))}
          />
        ))}
      </View>
    </Section>
  );
}
