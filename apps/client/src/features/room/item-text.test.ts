import { roomPresets } from '@spalo/catalog/rooms';
import { kindNames, kinds } from './equipment-kinds';
import { itemText } from './item-text';

let made = 0;
const studio = roomPresets.find(({ id }) => id === 'studio')!.make(() => `id-${(made += 1)}`);
const says = (kind: (typeof kindNames)[number], at = 0) => itemText(kind, studio[kind][at]!);

describe('a piece of equipment in words', () => {
  it('says what matters of each kind', () => {
    expect(says('bars', 3)).toEqual({
      title: 'Trap bar',
      says: '25 kg, trap, sleeve 260 mm, handles at 230 and 330 mm',
    });
    expect(says('plates')).toEqual({ title: '25 kg', says: '4 of them, 450 mm across, 52 thick' });
    expect(says('dumbbells')).toEqual({ title: '1 kg', says: 'pair' });
    expect(says('stacks')).toEqual({
      title: 'Cable column',
      says: 'cable, 2.5 to 75 kg by 2.5, add-ons 1.25, felt × 0.5',
    });
    expect(says('machines').says).toBe('leg press, 45 kg empty, plates on both sides');
    expect(says('bands').says).toBe('about 2 to 12 kg');
  });

  it('points out a plate without its pair', () => {
    const odd = { ...studio.plates[0]!, count: 3 };
    expect(itemText('plates', odd).says).toMatch(/^3 of them, one without its pair/);
  });

  it('has a form for every kind, whose fields are of the item', () => {
    for (const kind of kindNames) {
      const item = studio[kind][0] as unknown as Record<string, unknown>;
      for (const { name } of kinds[kind].fields) expect(Object.keys(item)).toContain(name);
    }
  });
});
