import { emptyRoom, type Room } from '@spalo/core/room';
import { fromGrams, listText, toGrams, type Unit } from '@spalo/core/unit';
import { readPart, type Massed, type Part } from './read-part';
import type { Named } from './vocabulary';

/** What became of one part of a list. */
export interface ReadPart {
  text: string;
  /** What it was taken for, and what was assumed where it did not say; null where it was not understood. */
  says: string | null;
}

/** A list by its lines, commas and semicolons; a comma between digits is a decimal one. */
const piecesOf = (text: string) => text.split(/\n|;|,(?!\d)|(?<!\d),|\.(?=\s|$)|\band\b|\+/);

const round = (value: number) => Number(value.toFixed(3));

/** How large plates of some mass usually are, mm: those of 20 kg and more are full. */
const sizes = [
  [20, 450, 45],
  [15, 400, 40],
  [10, 325, 34],
  [5, 230, 26],
  [2, 190, 20],
  [1, 160, 15],
  [0, 110, 12],
] as const;

function plateSize(massG: number) {
  const kg = fromGrams(massG, 'kg');
  const [, diameterMm, thicknessMm] = sizes.find(([from]) => kg >= from * 0.99)!;
  return { diameterMm, thicknessMm };
}

/** Every mass that a part names, from its runs too, each once. */
function massesOf(
  { runs, massed }: Part,
  usualStep: number,
): { masses: number[]; assumed: boolean } {
  const all = runs.flatMap(({ first, last, step }) => {
    const by = step ?? usualStep;
    const from = first ?? by;
    const many = Math.min(60, Math.max(0, Math.floor((last - from) / by + 1e-6)));
    return Array.from({ length: many + 1 }, (_, at) => round(from + at * by));
  });
  const masses = [...new Set([...all, ...massed.map(({ mass }) => mass)])].filter(
    (mass) => mass > 0,
  );
  return { masses, assumed: runs.some(({ step }) => step === null) };
}

/** Whether a list writes masses before how many there are, as "20 kg × 4". */
const isMassFirst = (parts: readonly Part[]): boolean => parts.some(({ massFirst }) => massFirst);

/** The part with its products as how many of which mass, by the order that the list keeps. */
function ordered(part: Part, massFirst: boolean): Part {
  const massed = part.times.map(([one, other]): Massed =>
    massFirst ? { count: other, mass: one } : { count: one, mass: other },
  );
  const all = [...massed, ...part.massed];
  const isThere = ({ count, mass }: Massed) =>
    mass > 0 && (count === null || (count > 0 && Number.isInteger(count)));
  return { ...part, massed: all.filter(isThere) };
}

/** Builds a room part by part. */
class Builder {
  readonly room: Room;
  constructor(
    private readonly id: () => string,
    private readonly unit: Unit,
    name: string,
  ) {
    this.room = emptyRoom(id(), name);
  }

  private grams(value: number, part: Part) {
    const unit = part.unit ?? this.unit;
    return { massG: toGrams(value, unit), unit };
  }

  /** Adds a part of what it names; says what was taken in, or null where it says too little. */
  add(part: Part, named: Named): string | null {
    if (part.count === 0) return 'None';
    switch (named.is) {
      case 'plates':
        return this.plates(part);
      case 'dumbbells':
      case 'kettlebells':
        return this.bells(part, named.is);
      case 'bar':
        return this.bars(part, named);
      case 'stack':
      case 'machine':
        return this.station(part, named);
      case 'bands':
        return this.bands(part);
      case 'furniture': {
        const count = part.count ?? 1;
        const all = (this.room.furniture ??= []);
        const there = all.find(({ kind }) => kind === named.kind);
        if (there) there.count += count;
        else all.push({ id: this.id(), kind: named.kind, count });
        return `${count} × ${named.kind}`;
      }
    }
  }

  private plates(part: Part): string | null {
    const { unit } = this.grams(0, part);
    const lines = part.massed;
    if (lines.length === 0) return null;
    const pairs = part.hands === 2 ? 2 : 1;
    const said = lines.map(({ count, mass }) => {
      const many = (count ?? (lines.length === 1 ? part.count : null) ?? 2 / pairs) * pairs;
      const { massG } = this.grams(mass, part);
      const there = this.room.plates.find((plate) => plate.massG === massG && plate.unit === unit);
      if (there) there.count += many;
      else this.room.plates.push({ id: this.id(), massG, unit, count: many, ...plateSize(massG) });
      return `${many} × ${mass} ${unit}${count === null && part.count === null ? ' (a pair, as none is said)' : ''}`;
    });
    return `Plates: ${listText(said)}`;
  }

  private bells(part: Part, what: 'dumbbells' | 'kettlebells'): string | null {
    const usual = what === 'dumbbells' ? 2 : 4;
    const { masses, assumed } = massesOf(part, usual);
    if (masses.length === 0) return null;
    const hands = part.hands ?? (what === 'dumbbells' ? 2 : 1);
    for (const mass of masses) {
      const said = part.massed.find((each) => each.mass === mass)?.count;
      const item = { id: this.id(), ...this.grams(mass, part), count: said ?? hands };
      const isThere = this.room[what].some(({ massG }) => massG === item.massG);
      if (!isThere) this.room[what].push(item);
    }
    const { unit } = this.grams(0, part);
    const heads = what === 'dumbbells' ? 'Dumbbells' : 'Kettlebells';
    const step = assumed ? ` (by ${usual}, as no step is said)` : '';
    return `${heads}: ${listText(masses.map(String))} ${unit}${step}, ${hands === 2 ? 'pairs' : 'singles'}`;
  }

  private bars(part: Part, named: Named & { is: 'bar' }): string {
    const { kind, name, massKg, sleeveMm } = named;
    const usual = { count: null, mass: round(fromGrams(toGrams(massKg, 'kg'), part.unit ?? 'kg')) };
    const unit = part.massed.length > 0 ? (part.unit ?? this.unit) : (part.unit ?? 'kg');
    const lines = part.massed.length > 0 ? part.massed : [usual];
    const said = lines.map(({ count, mass }) => {
      const many = count ?? part.count ?? (kind === 'handle' ? 2 : 1);
      this.room.bars.push({
        id: this.id(),
        name: `${name} ${mass} ${unit}`,
        kind,
        massG: toGrams(mass, unit),
        unit,
        sleeveMm,
        count: many,
        fits: null,
        handleMm: kind === 'trap' ? [230, 330] : [],
      });
      return `${many} × ${mass} ${unit}`;
    });
    return `${name}: ${listText(said)}${part.massed.length > 0 ? '' : ' (as usual, none is said)'}`;
  }

  private station(part: Part, named: Named & { is: 'stack' | 'machine' }): string {
    const unit = part.unit ?? this.unit;
    const { station, name } = named;
    const count = part.count ?? 1;
    const names = Array.from({ length: count }, (_, at) => (at === 0 ? name : `${name} ${at + 1}`));
    if (named.is === 'machine') {
      const [massed] = part.massed;
      const mass = massed?.mass ?? 20;
      for (const each of names)
        this.room.machines.push({
          id: this.id(),
          name: each,
          station,
          massG: toGrams(mass, unit),
          unit,
          sleeveMm: 350,
          horns: 2,
          fits: null,
        });
      return `${count} × ${name}, ${mass} ${unit} empty${massed ? '' : ' (assumed: weigh it)'}`;
    }
    const [run] = part.runs;
    const usual =
      unit === 'lb' ? { first: 10, last: 200, step: 10 } : { first: 5, last: 75, step: 5 };
    const step = run?.step ?? usual.step;
    const first = run ? (run.first ?? step) : usual.first;
    const { last } = run ?? usual;
    const positions = Math.min(60, Math.max(1, Math.round((last - first) / step) + 1));
    for (const each of names)
      this.room.stacks.push({
        id: this.id(),
        name: each,
        station,
        unit,
        firstG: toGrams(first, unit),
        stepG: toGrams(step, unit),
        count: positions,
        addOnsG: [],
        ratio: 1,
        assisted: station === 'assisted pull-up',
      });
    const pins = `pins ${first} to ${last} ${unit} by ${step}`;
    return `${count} × ${name}, ${pins}${run?.step ? '' : ' (assumed: look at its pins)'}`;
  }

  private bands(part: Part): string {
    const strong = /strong|heavy|hard/.test(part.text.toLowerCase());
    const count = part.count ?? 1;
    for (let at = 0; at < count; at += 1)
      this.room.bands.push({
        id: this.id(),
        label: `${strong ? 'Strong' : 'Light'} loop${at === 0 ? '' : ` ${at + 1}`}`,
        restG: toGrams(strong ? 8 : 2, 'kg'),
        stretchedG: toGrams(strong ? 35 : 12, 'kg'),
      });
    return `${count} × band, about ${strong ? '8 to 35' : '2 to 12'} kg (assumed)`;
  }
}

/** Text without a name of its own: numbers, units, and what stands between them. */
const JUST_NUMBERS = /^(?:[\d\s.,x×*–-]|kg|lbs?|by|to|pairs?|singles?|in|steps?|of)*$/i;

const heaviestFirst = (a: { massG: number }, b: { massG: number }) => b.massG - a.massG;

/**
 * A room from a list as people write it: "2 bars 20, plates 2×20 4×10, dumbbells 2–30 by 2, rack, leg press lb". Parts are
 * divided by lines, commas and semicolons; one that only holds numbers goes on with what was named before it. What it does not
 * say is assumed and said; what is not understood is given back. `unit` is that of masses without one; `id` makes ids.
 */
export function roomFromList(
  text: string,
  { id, unit, name }: { id: () => string; unit: Unit; name: string },
): { room: Room; parts: ReadPart[] } {
  const builder = new Builder(id, unit, name);
  const read = piecesOf(text)
    .filter((piece) => piece.trim() !== '')
    .map(readPart);
  const massFirst = isMassFirst(read);
  let before: Part | null = null;
  const parts: ReadPart[] = [];
  for (const each of read) {
    const goesOn = !each.named && JUST_NUMBERS.test(each.text) ? before : null;
    const part: Part = ordered(
      goesOn
        ? {
            ...each,
            named: goesOn.named,
            unit: each.unit ?? goesOn.unit,
            hands: each.hands ?? goesOn.hands,
          }
        : each,
      massFirst,
    );
    parts.push({ text: part.text, says: part.named ? builder.add(part, part.named) : null });
    if (part.named) before = part;
  }
  const { room } = builder;
  room.plates.sort(heaviestFirst);
  room.dumbbells.sort(heaviestFirst).reverse();
  room.kettlebells.sort(heaviestFirst).reverse();
  return { room, parts };
}
