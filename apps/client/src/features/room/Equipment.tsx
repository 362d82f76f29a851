import type { Room } from '@spalo/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Figure, Quiet, Strong } from '../../design/Words';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { kindNames, kinds, type Kind } from './equipment-kinds';
import { ItemSheet } from './ItemSheet';
import { itemText } from './item-text';
import { RunSheet } from './RunSheet';
import { putRoom } from './change-room';

type AnyItem = Record<string, unknown> & { id: string; massG?: number };
const isBells = (kind: Kind): kind is 'dumbbells' | 'kettlebells' =>
  kind === 'dumbbells' || kind === 'kettlebells';

/** Everything that stands in a room, each piece to tap and change. */
export function Equipment({ room }: { room: Room }) {
  const [open, setOpen] = useState<{ kind: Kind; item: AnyItem | null } | null>(null);
  const [running, setRunning] = useState<'dumbbells' | 'kettlebells' | null>(null);
  const items = (kind: Kind) => room[kind] as unknown as AnyItem[];
  const save = (kind: Kind, list: AnyItem[]) => {
    const sorted =
      kind === 'bars' || kind === 'stacks' || kind === 'machines' || kind === 'bands'
        ? list
        : list.sort((a, b) => (kind === 'plates' ? b.massG! - a.massG! : a.massG! - b.massG!));
    const next = { ...room, [kind]: sorted };
    // A plate that is gone fits nothing any more.
    const plates = new Set(next.plates.map(({ id }) => id));
    const kept = <T extends { fits: string[] | null }>(item: T): T => ({
      ...item,
      fits: item.fits?.filter((id) => plates.has(id)) ?? null,
    });
    attempt(() =>
      putRoom({ ...next, bars: next.bars.map(kept), machines: next.machines.map(kept) }),
    );
    setOpen(null);
  };
  return (
    <View className="gap-6">
      {kindNames.map((kind) => (
        <Section
          key={kind}
          title={kinds[kind].title}
          action={
            <View className="flex-row gap-2">
              {isBells(kind) && (
                <Button
                  label="Run"
                  says={`Add a run of ${kind}`}
                  onPress={() => setRunning(kind)}
                />
              )}
              <Button
                label="Add"
                says={`Add a ${kinds[kind].one}`}
                icon="plus"
                onPress={() => setOpen({ kind, item: null })}
              />
            </View>
          }
        >
          {items(kind).length === 0 && <Quiet>None here.</Quiet>}
          <View className={isBells(kind) ? 'flex-row flex-wrap gap-2' : 'gap-2'}>
            {items(kind).map((item) => {
              const { title, says } = itemText(kind, item as never);
              const small = isBells(kind);
              return (
                <Pressable
                  key={item.id}
                  role="button"
                  aria-label={`Change ${title}, ${says}`}
                  onPress={() => setOpen({ kind, item })}
                  className={`min-h-tap rounded-2xl border-2 border-line bg-card px-3 py-1 active:opacity-80 ${
                    small ? 'min-w-tap items-center' : 'justify-center'
                  }`}
                >
                  {kind === 'plates' || small ? <Figure>{title}</Figure> : <Strong>{title}</Strong>}
                  <Quiet>{says}</Quiet>
                </Pressable>
              );
            })}
          </View>
        </Section>
      ))}
      {running && (
        <RunSheet
          what={running}
          onClose={() => setRunning(null)}
          onAdd={(masses, unit, count) => {
            const there = new Set(items(running).map((item) => item.massG));
            const fresh = masses
              .filter((massG) => !there.has(massG))
              .map((massG) => ({ id: newId(), massG, unit, count }));
            save(running, [...items(running), ...fresh]);
            setRunning(null);
          }}
        />
      )}
      {open && (
        <ItemSheet
          room={room}
          kind={open.kind}
          item={open.item}
          onClose={() => setOpen(null)}
          onSave={(item) => {
            const others = items(open.kind).filter((each) => each.id !== item.id);
            const before = items(open.kind).findIndex((each) => each.id === item.id);
            const list = [...others];
            list.splice(before < 0 ? list.length : before, 0, item);
            save(open.kind, list);
          }}
          onRemove={(id) =>
            save(
              open.kind,
              items(open.kind).filter((each) => each.id !== id),
            )
          }
        />
      )}
    </View>
  );
}
