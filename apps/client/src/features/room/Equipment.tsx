import type { Room } from '@spalo/core/room';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Figure, Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { itemsOf, withItem, withoutItem, withRun, type BellKind } from './change-equipment';
import { putRoom } from './change-room';
import { kindNames, kinds, type Item, type Kind } from './equipment-kinds';
import { ItemSheet } from './ItemSheet';
import { itemText } from './item-text';
import { RunSheet } from './RunSheet';

const isBells = (kind: Kind): kind is BellKind => kind === 'dumbbells' || kind === 'kettlebells';

/** One kind of equipment, each piece to tap and change. */
function EquipmentList<K extends Kind>({
  room,
  kind,
  onOpen,
  onRun,
}: {
  room: Room;
  kind: K;
  /** Null for a new one. */
  onOpen: (item: Item<K> | null) => void;
  onRun: (kind: BellKind) => void;
}) {
  const items = itemsOf(room, kind);
  const bells = isBells(kind);
  return (
    <Section
      title={kinds[kind].title}
      action={
        <View className="flex-row gap-2">
          {isBells(kind) && (
            <Button label="Run" says={`Add a run of ${kind}`} onPress={() => onRun(kind)} />
          )}
          <Button
            label="Add"
            says={`Add a ${kinds[kind].one}`}
            icon="plus"
            onPress={() => onOpen(null)}
          />
        </View>
      }
    >
      {items.length === 0 && <Quiet>None here.</Quiet>}
      <View className={bells ? 'flex-row flex-wrap gap-2' : 'gap-2'}>
        {items.map((item) => {
          const { title, says } = itemText(kind, item);
          return (
            <Pressable
              key={item.id}
              role="button"
              aria-label={`Change ${title}, ${says}`}
              onPress={() => onOpen(item)}
              className={`min-h-tap rounded-2xl bg-card px-3 py-1 active:opacity-80 ${
                bells ? 'min-w-tap items-center' : 'justify-center'
              }`}
            >
              {kind === 'plates' || bells ? <Figure>{title}</Figure> : <Strong>{title}</Strong>}
              <Quiet>{says}</Quiet>
            </Pressable>
          );
        })}
      </View>
    </Section>
  );
}

/** Everything that stands in a room. */
export function Equipment({ room }: { room: Room }) {
  const [open, setOpen] = useState<{ kind: Kind; item: Item | null } | null>(null);
  const [running, setRunning] = useState<BellKind | null>(null);
  const keep = (next: Room) => {
    attempt(() => putRoom(next, room));
    setOpen(null);
    setRunning(null);
  };
  return (
    <View className="gap-6">
      {kindNames.map((kind) => (
        <EquipmentList
          key={kind}
          room={room}
          kind={kind}
          onOpen={(item) => setOpen({ kind, item })}
          onRun={setRunning}
        />
      ))}
      {running && (
        <RunSheet
          what={running}
          onClose={() => setRunning(null)}
          onAdd={(masses, unit, count) => keep(withRun(room, running, { masses, unit, count }))}
        />
      )}
      {open && (
        <ItemSheet
          room={room}
          kind={open.kind}
          item={open.item}
          onClose={() => setOpen(null)}
          onSave={(item) => keep(withItem(room, open.kind, item))}
          onRemove={(id) => keep(withoutItem(room, open.kind, id))}
        />
      )}
    </View>
  );
}
