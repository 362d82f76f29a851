import { furnitureKinds, stations } from '@spalo/core/lift';
import {
  barKinds,
  type Band,
  type Barbell,
  type Dumbbell,
  type Furniture,
  type Machine,
  type Plate,
  type Room,
  type Stack,
} from '@spalo/core/room';
import { z } from 'zod';
import { same } from '../primitives/same';
import { line, load, unit, uuid } from '../primitives/values';

const mass = load.min(1, 'Heavier than nothing').max(500_000, 'At most 500 kg');
const name = line(60);
const fits = z.array(uuid).max(60).nullable();
const sleeve = z.int().min(50, 'At least 50 mm').max(1000, 'At most 1000 mm');

export const plate = same<Plate>()(
  z.object({
    id: uuid,
    massG: mass,
    unit,
    count: z.int().min(0).max(100, 'At most 100'),
    diameterMm: z.int().min(50, 'At least 50 mm').max(600, 'At most 600 mm'),
    thicknessMm: z.int().min(3, 'At least 3 mm').max(150, 'At most 150 mm'),
  }),
);

export const barbell = same<Barbell>()(
  z.object({
    id: uuid,
    name,
    kind: z.enum(barKinds),
    massG: mass,
    unit,
    sleeveMm: sleeve,
    count: z.int().min(1, 'At least one').max(20, 'At most 20'),
    fits,
    handleMm: z.array(z.int().min(50).max(1000)).max(4),
  }),
);

export const bell = same<Dumbbell>()(
  z.object({
    id: uuid,
    massG: mass,
    unit,
    count: z.int().min(0).max(20, 'At most 20'),
  }),
);

const station = z.enum(stations);

export const stack = same<Stack>()(
  z.object({
    id: uuid,
    name,
    station,
    unit,
    firstG: mass,
    stepG: mass,
    count: z.int().min(1, 'At least one pin position').max(60, 'At most 60 pin positions'),
    addOnsG: z.array(mass).max(6, 'At most six add-ons'),
    ratio: z.number().min(0.1, 'Between 0.1 and 2').max(2, 'Between 0.1 and 2'),
    assisted: z.boolean(),
  }),
);

export const machine = same<Machine>()(
  z.object({
    id: uuid,
    name,
    station,
    massG: load.max(500_000, 'At most 500 kg'),
    unit,
    sleeveMm: sleeve,
    horns: z.union([z.literal(1), z.literal(2)]),
    fits,
  }),
);

export const band = same<Band>()(
  z
    .object({
      id: uuid,
      label: name,
      restG: load.max(200_000, 'At most 200 kg'),
      stretchedG: mass,
    })
    .refine(({ restG, stretchedG }) => stretchedG >= restG, {
      path: ['stretchedG'],
      message: 'A stretched band pulls at least as hard as one at rest',
    }),
);

const furniture = same<Furniture>()(
  z.object({
    id: uuid,
    kind: z.enum(furnitureKinds),
    count: z.int().min(1, 'At least one').max(50, 'At most 50'),
  }),
);

const many = <T extends z.ZodType>(item: T) => z.array(item).max(200, 'At most 200 of a kind');

/** Everything of a room but its id. Ids are unique within it, and what fits a bar is among its plates. */
export const roomFacts = z
  .object({
    name: line(80),
    bars: many(barbell),
    plates: many(plate),
    dumbbells: many(bell),
    kettlebells: many(bell),
    stacks: many(stack),
    machines: many(machine),
    bands: many(band),
    /** What lifts are done at; null, or unsaid, where nobody has said what stands there. */
    furniture: many(furniture).nullable().default(null),
  })
  .superRefine((room, context) => {
    const { name: _name, ...kinds } = room;
    const seen = new Set<string>();
    for (const [kind, items] of Object.entries(kinds)) {
      (items ?? []).forEach(({ id }, index) => {
        if (seen.has(id)) {
          context.addIssue({ code: 'custom', path: [kind, index, 'id'], message: 'Used twice' });
        }
        seen.add(id);
      });
    }
    const plates = new Set(room.plates.map(({ id }) => id));
    for (const kind of ['bars', 'machines'] as const) {
      room[kind].forEach((item, index) => {
        if (item.fits?.some((id) => !plates.has(id))) {
          const message = 'Names a plate that this room does not have';
          context.addIssue({ code: 'custom', path: [kind, index, 'fits'], message });
        }
      });
    }
  });

export const room = same<Room>()(roomFacts.and(z.object({ id: uuid })));
