import { furnitureKinds, stations } from '@spalo/core/lift';
import { emptyRoom } from '@spalo/core/room';
import { toGrams, type Unit } from '@spalo/core/unit';
import Papa from 'papaparse';
import type { FileProblem, RoomFile } from '../file-problem';
import { roomFacts } from '../../resources/room';
import { RoomCells } from './cells';
import type { RoomColumn, RoomRow } from './columns';

const kinds = [
  'room',
  'bar',
  'plate',
  'dumbbell',
  'kettlebell',
  'stack',
  'machine',
  'band',
  'furniture',
] as const;

/** The column that a field of the room came from, for messages. */
const columnOf: Record<string, RoomColumn> = {
  name: 'name',
  label: 'name',
  massG: 'mass',
  count: 'count',
  diameterMm: 'diameter_mm',
  thicknessMm: 'thickness_mm',
  sleeveMm: 'sleeve_mm',
  handleMm: 'handle_mm',
  fits: 'fits',
  firstG: 'first',
  stepG: 'step',
  addOnsG: 'add_ons',
  ratio: 'ratio',
  horns: 'horns',
  restG: 'rest',
  stretchedG: 'stretched',
};

function fromRows(rows: readonly { line: number; row: RoomRow }[], makeId: () => string): RoomFile {
  const problems: FileProblem[] = [];
  const found = emptyRoom(makeId(), 'Imported room');
  const lines = new Map<object, number>();
  const pending: { item: { fits: string[] | null }; cells: RoomCells }[] = [];
  for (const { line, row } of rows) {
    const cells = new RoomCells(row, line, problems);
    const kind = cells.one('kind', kinds);
    const id = makeId();
    const keep = <T extends object>(items: T[], item: T) => {
      items.push(item);
      lines.set(item, line);
      return item;
    };
    if (kind === 'room') found.name = cells.text('name');
    else if (kind === 'plate') {
      keep(found.plates, {
        id,
        massG: cells.mass('mass'),
        unit: cells.unit(),
        count: cells.number('count'),
        diameterMm: cells.number('diameter_mm'),
        thicknessMm: cells.number('thickness_mm'),
      });
    } else if (kind === 'bar') {
      const item = keep(found.bars, {
        id,
        name: cells.text('name'),
        kind: cells.one(
          'bar_kind',
          ['straight', 'short', 'EZ', 'trap', 'specialty', 'handle'],
          'straight',
        ),
        massG: cells.mass('mass'),
        unit: cells.unit(),
        sleeveMm: cells.number('sleeve_mm'),
        count: cells.number('count', 1),
        fits: null,
        handleMm: cells.numbers('handle_mm'),
      });
      pending.push({ item, cells });
    } else if (kind === 'dumbbell' || kind === 'kettlebell') {
      keep(kind === 'dumbbell' ? found.dumbbells : found.kettlebells, {
        id,
        massG: cells.mass('mass'),
        unit: cells.unit(),
        count: cells.number('count', kind === 'dumbbell' ? 2 : 1),
      });
    } else if (kind === 'stack') {
      const unit = cells.unit();
      keep(found.stacks, {
        id,
        name: cells.text('name'),
        station: cells.one('station', stations),
        unit,
        firstG: cells.mass('first'),
        stepG: cells.mass('step'),
        count: cells.number('positions'),
        addOnsG: cells.numbers('add_ons').map((value) => toGrams(value, unit)),
        ratio: cells.number('ratio', 1),
        assisted: cells.one('assisted', ['yes', 'no'], 'no') === 'yes',
      });
    } else if (kind === 'machine') {
      const item = keep(found.machines, {
        id,
        name: cells.text('name'),
        station: cells.one('station', stations),
        massG: cells.mass('mass'),
        unit: cells.unit(),
        sleeveMm: cells.number('sleeve_mm'),
        horns: cells.number('horns', 2) as 1 | 2,
        fits: null,
      });
      pending.push({ item, cells });
    } else if (kind === 'furniture') {
      found.furniture ??= [];
      const item = { id, kind: cells.one('name', furnitureKinds), count: cells.number('count', 1) };
      // A row that counts none says that nothing of it stands there.
      if (item.count !== 0) keep(found.furniture, item);
    } else {
      keep(found.bands, {
        id,
        label: cells.text('name'),
        restG: cells.mass('rest'),
        stretchedG: cells.mass('stretched'),
      });
    }
  }
  for (const { item, cells } of pending) {
    const wanted = cells.parts('fits');
    if (wanted.length === 0) continue;
    item.fits = wanted.flatMap((part) => {
      const [, mass, unit] = /^([\d.,]+)\s*(kg|lb)?$/i.exec(part) ?? [];
      const grams =
        mass && toGrams(Number(mass.replace(',', '.')), (unit?.toLowerCase() ?? 'kg') as Unit);
      const plates = found.plates.filter(({ massG }) => massG === grams);
      if (plates.length === 0) cells.wrong('fits', `No plate of ${part} in this file`);
      return plates.map(({ id }) => id);
    });
  }
  // Cells that could not be read stand as zeros; judging those again would only repeat the message.
  const readable = problems.length === 0;
  const checked = roomFacts.safeParse(found);
  if (readable && !checked.success) {
    for (const issue of checked.error.issues) {
      const [group, index, field] = issue.path;
      const items = found[group as 'bars'] as object[] | string;
      const item = Array.isArray(items) ? items[Number(index)] : undefined;
      const row = item ? (lines.get(item) ?? null) : null;
      const column = columnOf[String(field ?? group)] ?? null;
      problems.push({ row, column, message: issue.message });
    }
  }
  return problems.length > 0 ? { problems } : { room: found };
}

const headingOf = (name: string) => name.trim().toLowerCase().replaceAll(' ', '_');

/** A room from CSV, or everything that is wrong with it. */
export function roomFromCsv(text: string, makeId: () => string): RoomFile {
  const { data, errors } = Papa.parse<string[]>(text.trim());
  const problems: FileProblem[] = errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .map(({ row, message }) => ({
      row: row === undefined ? null : row + 1,
      column: null,
      message,
    }));
  const filled = data
    .map((cells, index) => ({ cells, line: index + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [{ cells: heading } = { cells: [] }, ...lines] = filled;
  const columns = heading.map(headingOf);
  const heads = (column: string | null, message: string) =>
    problems.push({ row: 1, column, message });
  if (!columns.includes('kind')) {
    heads('kind', 'The first row must name the columns, “kind” among them');
  }
  columns.forEach((name, at) => {
    if (name !== '' && columns.indexOf(name) < at) heads(name, 'This column stands here twice');
  });
  lines.forEach(({ cells, line }) => {
    if (cells.slice(columns.length).some((cell) => cell.trim() !== '')) {
      const message = 'More cells than columns; put quotes round text with a comma in it';
      problems.push({ row: line, column: null, message });
    }
  });
  if (problems.length > 0) return { problems };
  if (lines.length === 0) {
    return { problems: [{ row: null, column: null, message: 'No rows below the heading' }] };
  }
  const rows = lines.map(({ cells, line }) => ({
    line,
    row: Object.fromEntries(columns.map((name, at) => [name, cells[at] ?? ''])) as RoomRow,
  }));
  return fromRows(rows, makeId);
}
