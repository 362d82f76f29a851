import type { Room } from '@spalo/core/room';
import { bar, bells, kg, machine, plates, range, stack, stands } from './parts';

/** A room to begin with. `id` makes an id for each thing in it. */
export interface RoomPreset {
  id: string;
  name: string;
  says: string;
  make(id: () => string): Room;
}

export const roomPresets: readonly RoomPreset[] = [
  {
    id: 'garage',
    name: 'Small garage',
    says: 'One bar and a rack, plates to about 130 kg, an adjustable bench, two adjustable handles, one kettlebell',
    make: (id) => ({
      id: id(),
      name: 'Garage',
      bars: [
        bar(id, 'Full bar', 'straight', 20, 400),
        bar(id, 'Adjustable handle', 'handle', 2, 110, { count: 2 }),
      ],
      plates: plates(id, [
        [20, 2, 450, 45],
        [15, 2, 400, 40],
        [10, 2, 325, 34],
        [5, 4, 230, 26],
        [2.5, 4, 190, 20],
        [1.25, 4, 160, 15],
      ]),
      dumbbells: [],
      kettlebells: bells(id, [16], 1),
      stacks: [],
      machines: [],
      bands: [{ id: id(), label: 'Light loop', restG: kg(2), stretchedG: kg(12) }],
      furniture: stands(id, { rack: 1, 'adjustable bench': 1, box: 1, 'pull-up bar': 1 }),
    }),
  },
  {
    id: 'studio',
    name: 'Training studio',
    says: 'Three bars, a trap bar, two racks, benches, full plates, dumbbells to 40 kg, cables and a leg press',
    make: (id) => ({
      id: id(),
      name: 'Studio',
      bars: [
        bar(id, 'Full bar', 'straight', 20, 415),
        bar(id, 'Light bar', 'straight', 15, 320),
        bar(id, 'Curl bar', 'EZ', 8, 190),
        bar(id, 'Trap bar', 'trap', 25, 260, { handleMm: [230, 330] }),
      ],
      plates: plates(id, [
        [25, 4, 450, 52],
        [20, 8, 450, 45],
        [15, 4, 450, 38],
        [10, 8, 450, 32],
        [5, 8, 230, 26],
        [2.5, 8, 190, 20],
        [1.25, 8, 160, 15],
      ]),
      dumbbells: bells(id, [...range(1, 10, 1), ...range(12, 20, 2), ...range(22.5, 40, 2.5)], 2),
      kettlebells: bells(id, [8, 12, 16, 20, 24], 2),
      stacks: [
        stack(id, 'Cable column', 'cable', 2.5, 2.5, 30, { ratio: 0.5, addOnsG: [kg(1.25)] }),
        stack(id, 'Pulldown', 'pulldown', 5, 5, 20, { addOnsG: [kg(2.5)] }),
        stack(id, 'Low row', 'low row', 5, 5, 20, { addOnsG: [kg(2.5)] }),
        stack(id, 'Chest press', 'chest press', 5, 5, 20),
        stack(id, 'Leg curl', 'leg curl', 5, 5, 16),
        stack(id, 'Assisted pull-up', 'assisted pull-up', 5, 5, 14, { assisted: true }),
      ],
      machines: [machine(id, 'Leg press', 'leg press', 45)],
      bands: [
        { id: id(), label: 'Light loop', restG: kg(2), stretchedG: kg(12) },
        { id: id(), label: 'Strong loop', restG: kg(8), stretchedG: kg(35) },
      ],
      furniture: stands(id, {
        rack: 2,
        'press bench': 1,
        'flat bench': 1,
        'adjustable bench': 2,
        'pull-up bar': 2,
        'dip bars': 1,
        'back-extension bench': 1,
        box: 2,
        straps: 1,
        lane: 1,
      }),
    }),
  },
  {
    id: 'hotel',
    name: 'Hotel gym',
    says: 'No bar and no rack: two benches, dumbbells to 22.5 kg, a cable column and three machines',
    make: (id) => ({
      id: id(),
      name: 'Hotel gym',
      bars: [],
      plates: [],
      dumbbells: bells(id, [...range(2, 10, 2), ...range(12.5, 22.5, 2.5)], 2),
      kettlebells: [],
      stacks: [
        stack(id, 'Cable column', 'cable', 5, 5, 14, { ratio: 0.5 }),
        stack(id, 'Chest press', 'chest press', 5, 5, 15),
        stack(id, 'Leg extension', 'leg extension', 5, 5, 15),
        stack(id, 'Leg curl', 'leg curl', 5, 5, 12),
      ],
      machines: [],
      bands: [],
      furniture: stands(id, { 'adjustable bench': 2, lane: 1 }),
    }),
  },
];

/** What a room holds, whatever its things are called inside. */
const heldBy = (room: Room) =>
  JSON.stringify(room, (key, value: unknown) =>
    key === 'id' || key === 'name' ? undefined : value,
  );

/** Whether nobody has changed a room since it was begun from a preset; its name aside. */
export const isAsBegun = (room: Room): boolean =>
  roomPresets.some(({ make }) => heldBy(make(() => '')) === heldBy(room));
