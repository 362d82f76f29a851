import { band, barbell, bell, machine, plate, stack } from '@spalo/contract';
import { stations } from '@spalo/core/lift';
import type { Room } from '@spalo/core/room';
import { fromGrams, toGrams, type Unit } from '@spalo/core/unit';
import type { z } from 'zod';
import { capital } from '../../design/sentence';

/** The kinds of equipment that loads are made of, by the name of their list. */
export type Kind = Exclude<keyof Room, 'id' | 'name' | 'furniture'>;

/** A piece of equipment of a kind. */
export type Item<K extends Kind = Kind> = Room[K][number];

/** How a field of an item is typed, and where its value lies in the item. */
export type FieldDef = { name: string; label: string; hint?: string } & (
  | { type: 'mass' | 'count' | 'mm' | 'number' | 'text' }
  | { type: 'masses' | 'lengths' }
  | { type: 'choice'; options: readonly { value: string; label: string }[] }
  | { type: 'plates' }
);

interface KindDef<K extends Kind> {
  title: string;
  one: string;
  schema: z.ZodType<Item<K>>;
  fields: FieldDef[];
  /** A new item as its form begins. */
  fresh: Record<string, string>;
}

const options = (values: readonly string[]) =>
  values.map((value) => ({ value, label: capital(value) }));
const name: FieldDef = { name: 'name', label: 'Name', type: 'text' };
const mass: FieldDef = { name: 'massG', label: 'Mass', type: 'mass' };
const count: FieldDef = { name: 'count', label: 'How many', type: 'count' };
const unit: FieldDef = {
  name: 'unit',
  label: 'Unit printed on it',
  type: 'choice',
  options: [
    { value: 'kg', label: 'kg' },
    { value: 'lb', label: 'lb' },
  ],
};
const sleeve: FieldDef = { name: 'sleeveMm', label: 'Usable sleeve, mm', type: 'mm' };
const fits: FieldDef = { name: 'fits', label: 'Plates that fit', type: 'plates' };
const station: FieldDef = {
  name: 'station',
  label: 'Station',
  type: 'choice',
  options: options(stations),
};

/** Every kind with its form. The schemas are the contract's, so that a form refuses what the API would. */
export const kinds: { readonly [K in Kind]: KindDef<K> } = {
  bars: {
    title: 'Bars',
    one: 'bar',
    schema: barbell,
    fields: [
      name,
      {
        name: 'kind',
        label: 'Kind',
        type: 'choice',
        options: options(['straight', 'short', 'EZ', 'trap', 'specialty', 'handle']),
      },
      unit,
      mass,
      sleeve,
      count,
      {
        name: 'handleMm',
        label: 'Trap bar: handle heights, mm',
        hint: '230; 330',
        type: 'lengths',
      },
      fits,
    ],
    fresh: { kind: 'straight', unit: 'kg', massG: '20', sleeveMm: '400', count: '1' },
  },
  plates: {
    title: 'Plates',
    one: 'plate',
    schema: plate,
    fields: [
      unit,
      mass,
      { ...count, label: 'How many, single plates' },
      { name: 'diameterMm', label: 'Diameter, mm', type: 'mm' },
      { name: 'thicknessMm', label: 'Thickness, mm', type: 'mm' },
    ],
    fresh: { unit: 'kg', count: '2', diameterMm: '450', thicknessMm: '30' },
  },
  dumbbells: {
    title: 'Dumbbells',
    one: 'dumbbell',
    schema: bell,
    fields: [unit, mass, { ...count, hint: '1 is a single, 2 a pair' }],
    fresh: { unit: 'kg', count: '2' },
  },
  kettlebells: {
    title: 'Kettlebells',
    one: 'kettlebell',
    schema: bell,
    fields: [unit, mass, count],
    fresh: { unit: 'kg', count: '1' },
  },
  stacks: {
    title: 'Stacks',
    one: 'stack',
    schema: stack,
    fields: [
      name,
      station,
      unit,
      { name: 'firstG', label: 'First pin position', type: 'mass' },
      { name: 'stepG', label: 'Step between positions', type: 'mass' },
      { name: 'count', label: 'Pin positions', type: 'count' },
      { name: 'addOnsG', label: 'Add-ons', hint: '1.25; 2.5', type: 'masses' },
      {
        name: 'ratio',
        label: 'Share that the hand feels',
        hint: '1, or 0.5 behind a 2:1 pulley',
        type: 'number',
      },
      {
        name: 'assisted',
        label: 'Takes off body mass',
        type: 'choice',
        options: [
          { value: 'no', label: 'No' },
          { value: 'yes', label: 'Yes' },
        ],
      },
    ],
    fresh: {
      station: 'cable',
      unit: 'kg',
      firstG: '5',
      stepG: '5',
      count: '15',
      ratio: '1',
      assisted: 'no',
    },
  },
  machines: {
    title: 'Plate-loaded machines',
    one: 'machine',
    schema: machine,
    fields: [
      name,
      station,
      unit,
      { ...mass, label: 'Mass when empty', hint: 'As the hand feels it; may be far below a bar’s' },
      sleeve,
      {
        name: 'horns',
        label: 'Plates go',
        type: 'choice',
        options: [
          { value: '2', label: 'On both sides' },
          { value: '1', label: 'All on one horn' },
        ],
      },
      fits,
    ],
    fresh: { station: 'leg press', unit: 'kg', sleeveMm: '300', horns: '2' },
  },
  bands: {
    title: 'Bands',
    one: 'band',
    schema: band,
    fields: [
      { ...name, name: 'label', label: 'Label' },
      { name: 'restG', label: 'Pull at rest, kg', hint: 'Rough; shown as a range', type: 'mass' },
      { name: 'stretchedG', label: 'Pull at full stretch, kg', type: 'mass' },
    ],
    fresh: { restG: '0' },
  },
};

export const kindNames = Object.keys(kinds) as Kind[];

/** An item as its form holds it; `fits` as plate ids joined by spaces, empty for all. */
export function typedItem<K extends Kind>(kind: K, item: Item<K>): Record<string, string> {
  const values: Record<string, unknown> = { ...item };
  const inUnit = (grams: number) =>
    String(Number(fromGrams(grams, (values.unit as Unit | undefined) ?? 'kg').toFixed(3)));
  return Object.fromEntries(
    kinds[kind].fields.map((field): [string, string] => {
      const value = values[field.name];
      switch (field.type) {
        case 'mass':
          return [field.name, inUnit(value as number)];
        case 'masses':
          return [field.name, (value as number[]).map(inUnit).join('; ')];
        case 'lengths':
          return [field.name, (value as number[]).join('; ')];
        case 'plates':
          return [field.name, (value as string[] | null)?.join(' ') ?? ''];
        default:
          return [field.name, value === true ? 'yes' : value === false ? 'no' : String(value)];
      }
    }),
  );
}

export type ItemResult<K extends Kind> = { item: Item<K> } | { problems: Record<string, string> };

/** The item that a form tells, checked by the contract; or what is wrong, field by field. */
export function readItem<K extends Kind>(
  kind: K,
  id: string,
  typed: Record<string, string>,
): ItemResult<K> {
  const problems: Record<string, string> = {};
  const own = (typed.unit as Unit | undefined) ?? 'kg';
  const number = (text: string, field: string): number => {
    const value = Number(text.trim().replace(',', '.'));
    if (text.trim() === '') problems[field] = 'Fill this in';
    else if (!Number.isFinite(value)) problems[field] = `“${text.trim()}” is not a number`;
    return value;
  };
  const many = (text: string, field: string) =>
    text
      .split(/[;\s]+/)
      .filter(Boolean)
      .map((part) => number(part, field));
  const item: Record<string, unknown> & { id: string } = { id };
  for (const { name: field, type } of kinds[kind].fields) {
    const text = typed[field] ?? '';
    if (type === 'mass') item[field] = toGrams(number(text, field), own);
    else if (type === 'masses') item[field] = many(text, field).map((each) => toGrams(each, own));
    else if (type === 'lengths') item[field] = many(text, field);
    else if (type === 'plates') item[field] = text === '' ? null : text.split(' ');
    else if (type === 'text') item[field] = text;
    else if (field === 'assisted') item[field] = text === 'yes';
    else if (type === 'choice' && field !== 'horns') item[field] = text;
    else item[field] = number(text, field);
  }
  if (Object.keys(problems).length > 0) return { problems };
  const checked = kinds[kind].schema.safeParse(item);
  if (checked.success) return { item: checked.data };
  for (const issue of checked.error.issues) problems[String(issue.path[0])] ??= issue.message;
  return { problems };
}
