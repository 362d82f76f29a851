import type { Room } from '@spalo/core/room';
import { fromGrams, type Unit } from '@spalo/core/unit';
import Papa from 'papaparse';
import { roomColumns, type RoomRow } from './columns';

const list = (items: readonly (string | number)[]) => items.join('; ');

/** What stands in a room; one row that counts none where nothing does, and no row where nobody has said. */
const furnitureRows = ({ furniture }: Room): RoomRow[] =>
  furniture?.length === 0
    ? [{ kind: 'furniture', name: 'rack', count: '0' }]
    : (furniture ?? []).map(({ kind, count }) => ({
        kind: 'furniture',
        name: kind,
        count: String(count),
      }));

/** A room as CSV, masses in the unit printed on each item. */
export function roomToCsv(value: Room): string {
  const number = (grams: number, unit: Unit) => String(Number(fromGrams(grams, unit).toFixed(3)));
  const fits = (ids: string[] | null) =>
    ids === null
      ? ''
      : list(
          value.plates
            .filter(({ id }) => ids.includes(id))
            .map(({ massG, unit }) => `${number(massG, unit)} ${unit}`),
        );
  const bells = (kind: string, items: Room['dumbbells']): RoomRow[] =>
    items.map(({ massG, unit, count }) => ({
      kind,
      mass: number(massG, unit),
      unit,
      count: String(count),
    }));
  const rows: RoomRow[] = [
    { kind: 'room', name: value.name },
    ...value.plates.map((each): RoomRow => ({
      kind: 'plate',
      mass: number(each.massG, each.unit),
      unit: each.unit,
      count: String(each.count),
      diameter_mm: String(each.diameterMm),
      thickness_mm: String(each.thicknessMm),
    })),
    ...value.bars.map((each): RoomRow => ({
      kind: 'bar',
      name: each.name,
      mass: number(each.massG, each.unit),
      unit: each.unit,
      count: String(each.count),
      sleeve_mm: String(each.sleeveMm),
      bar_kind: each.kind,
      handle_mm: list(each.handleMm),
      fits: fits(each.fits),
    })),
    ...bells('dumbbell', value.dumbbells),
    ...bells('kettlebell', value.kettlebells),
    ...value.stacks.map((each): RoomRow => ({
      kind: 'stack',
      name: each.name,
      unit: each.unit,
      station: each.station,
      first: number(each.firstG, each.unit),
      step: number(each.stepG, each.unit),
      positions: String(each.count),
      add_ons: list(each.addOnsG.map((grams) => number(grams, each.unit))),
      ratio: String(each.ratio),
      assisted: each.assisted ? 'yes' : 'no',
    })),
    ...value.machines.map((each): RoomRow => ({
      kind: 'machine',
      name: each.name,
      mass: number(each.massG, each.unit),
      unit: each.unit,
      sleeve_mm: String(each.sleeveMm),
      station: each.station,
      horns: String(each.horns),
      fits: fits(each.fits),
    })),
    ...value.bands.map((each): RoomRow => ({
      kind: 'band',
      name: each.label,
      unit: 'kg',
      rest: number(each.restG, 'kg'),
      stretched: number(each.stretchedG, 'kg'),
    })),
    ...furnitureRows(value),
  ];
  return Papa.unparse({ fields: [...roomColumns], data: rows });
}
