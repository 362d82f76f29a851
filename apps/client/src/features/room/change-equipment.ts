import type { FurnitureKind } from '@spalo/core/lift';
import type { Room } from '@spalo/core/room';
import type { Grams, Unit } from '@spalo/core/unit';
import { newId } from '../../state/log/ids';
import type { Item, Kind } from './equipment-kinds';

export type BellKind = 'dumbbells' | 'kettlebells';

/** The items of a kind, in the order of the room. */
export const itemsOf = <K extends Kind>(room: Room, kind: K): readonly Item<K>[] => room[kind];

/** Plates from the heaviest, bells from the lightest; the rest as they were entered. */
const inOrder = {
  plates: (a: { massG: Grams }, b: { massG: Grams }) => b.massG - a.massG,
  dumbbells: (a: { massG: Grams }, b: { massG: Grams }) => a.massG - b.massG,
  kettlebells: (a: { massG: Grams }, b: { massG: Grams }) => a.massG - b.massG,
};

/** Sorts what has an order, and lets nothing fit a plate that is gone. */
function tidy(room: Room): Room {
  const plates = new Set(room.plates.map(({ id }) => id));
  const kept = <T extends { fits: string[] | null }>(item: T): T => ({
    ...item,
    fits: item.fits?.filter((id) => plates.has(id)) ?? null,
  });
  return {
    ...room,
    bars: room.bars.map(kept),
    machines: room.machines.map(kept),
    plates: [...room.plates].sort(inOrder.plates),
    dumbbells: [...room.dumbbells].sort(inOrder.dumbbells),
    kettlebells: [...room.kettlebells].sort(inOrder.kettlebells),
  };
}

/** The room with an item changed in its place, or added at the end. */
export function withItem<K extends Kind>(room: Room, kind: K, item: Item<K>): Room {
  const items = itemsOf(room, kind);
  const known = items.some(({ id }) => id === item.id);
  const list = known ? items.map((each) => (each.id === item.id ? item : each)) : [...items, item];
  return tidy({ ...room, [kind]: list });
}

/** The room without an item. */
export function withoutItem(room: Room, kind: Kind, id: string): Room {
  return tidy({ ...room, [kind]: itemsOf(room, kind).filter((each) => each.id !== id) });
}

/** The room with a rack of bells added, where a mass is not there yet. */
export function withRun(
  room: Room,
  kind: BellKind,
  { masses, unit, count }: { masses: readonly Grams[]; unit: Unit; count: number },
): Room {
  const there = new Set(room[kind].map(({ massG }) => massG));
  const fresh = masses
    .filter((massG) => !there.has(massG))
    .map((massG) => ({ id: newId(), massG, unit, count }));
  return tidy({ ...room, [kind]: [...room[kind], ...fresh] });
}

/** The room with so many of a kind of furniture; none takes the kind out. */
export function withFurniture(room: Room, kind: FurnitureKind, count: number): Room {
  const all = room.furniture ?? [];
  const there = all.find((each) => each.kind === kind);
  const others = all.filter((each) => each.kind !== kind);
  const furniture = count > 0 ? [...others, { id: there?.id ?? newId(), kind, count }] : others;
  return { ...room, furniture };
}
