import { roomPresets } from '@spalo/catalog/rooms';
import { room as roomSchema } from '@spalo/contract';
import fc from 'fast-check';
import { itemsOf, withItem, withoutItem, withRun } from './change-equipment';
import { kindNames } from './equipment-kinds';

let made = 0;
const id = () => `019a0000-0000-7000-8000-${String((made += 1)).padStart(12, '0')}`;
const room = { ...roomPresets.find((preset) => preset.id === 'studio')!.make(id), id: id() };

describe('changing the equipment of a room', () => {
  it('adds, changes in place and takes away, and leaves a room that the contract takes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kindNames),
        fc.nat(),
        fc.integer({ min: 1, max: 9 }),
        (kind, nth, count) => {
          const item = itemsOf(room, kind)[nth % itemsOf(room, kind).length]!;
          const without = withoutItem(room, kind, item.id);
          expect(itemsOf(without, kind).map((each) => each.id)).not.toContain(item.id);
          expect(roomSchema.safeParse(without).success).toBe(true);
          const back = withItem(without, kind, item);
          expect(itemsOf(back, kind)).toHaveLength(itemsOf(room, kind).length);
          const changed = withItem(room, kind, 'count' in item ? { ...item, count } : item);
          expect(itemsOf(changed, kind).map((each) => each.id)).toEqual(
            itemsOf(room, kind).map((each) => each.id),
          );
        },
      ),
    );
  });

  it('keeps plates from the heaviest and bells from the lightest', () => {
    const plates = withItem(room, 'plates', { ...room.plates[0]!, id: id(), massG: 3000 }).plates;
    expect(plates.map(({ massG }) => massG)).toEqual(
      plates.map(({ massG }) => massG).sort((a, b) => b - a),
    );
  });

  it('forgets a plate that is gone where only some fit', () => {
    const [plate, other] = room.plates;
    const picky = withItem(room, 'bars', { ...room.bars[0]!, fits: [plate!.id, other!.id] });
    expect(withoutItem(picky, 'plates', plate!.id).bars[0]!.fits).toEqual([other!.id]);
  });

  it('adds only what a run of bells brings anew', () => {
    const [bell] = room.dumbbells;
    const more = withRun(room, 'dumbbells', {
      masses: [bell!.massG, 61_000],
      unit: 'kg',
      count: 2,
    });
    expect(more.dumbbells).toHaveLength(room.dumbbells.length + 1);
    expect(more.dumbbells.at(-1)).toMatchObject({ massG: 61_000, count: 2 });
  });
});
