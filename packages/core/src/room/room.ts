import type { Station } from '../lift/stations';
import type { Grams, Unit } from '../unit/mass';
import type { FurnitureKind } from '../lift/places';

/** A plate kind in stock. `count` is single plates; bars use them in pairs. */
export interface Plate {
  id: string;
  massG: Grams;
  unit: Unit;
  count: number;
  diameterMm: number;
  thicknessMm: number;
}

/** handle: an adjustable dumbbell's, loaded like a small bar. */
export const barKinds = ['straight', 'short', 'EZ', 'trap', 'specialty', 'handle'] as const;
export type BarKind = (typeof barKinds)[number];

/** A bar. `sleeveMm` is the usable length of one sleeve. */
export interface Barbell {
  id: string;
  name: string;
  kind: BarKind;
  massG: Grams;
  unit: Unit;
  sleeveMm: number;
  /** How many of it there are; two handles make a pair of dumbbells. */
  count: number;
  /** Ids of the plates that fit; null when all do. */
  fits: string[] | null;
  /** Heights of a trap bar's handles above the floor on full plates; empty for other bars. */
  handleMm: number[];
}

/** Dumbbells of one mass. `count` 1 is a single, 2 a pair. */
export interface Dumbbell {
  id: string;
  massG: Grams;
  unit: Unit;
  count: number;
}

/** Kettlebells of one mass. */
export type Kettlebell = Dumbbell;

/** A pin-loaded stack. Its load is (pin + add-ons) × `ratio`; an assisted one takes that off the body. */
export interface Stack {
  id: string;
  name: string;
  station: Station;
  unit: Unit;
  firstG: Grams;
  stepG: Grams;
  /** Pin positions, the first included. */
  count: number;
  /** Masses of the add-ons, each of which is there once. */
  addOnsG: Grams[];
  /** Share of the pinned mass that the hand feels: 1, or 0.5 behind a 2:1 pulley. */
  ratio: number;
  assisted: boolean;
}

/** A plate-loaded machine, sled or counterbalanced rail bar. */
export interface Machine {
  id: string;
  name: string;
  station: Station;
  /** What it weighs in the hand without plates; may be far below a bar's. */
  massG: Grams;
  unit: Unit;
  sleeveMm: number;
  /** Horns that are loaded alike: 2 for a pair, 1 where all plates go on one. */
  horns: 1 | 2;
  fits: string[] | null;
}

/** A band. Its force is rough: a range, never shown as exact. */
export interface Band {
  id: string;
  label: string;
  /** Pull in grams of weight, at rest length and at full stretch. */
  restG: Grams;
  stretchedG: Grams;
}

/** Pieces of furniture of one kind. */
export interface Furniture {
  id: string;
  kind: FurnitureKind;
  /** How many stand there, each for one client at a time. */
  count: number;
}

/** The equipment of one place. Everything Spalo proposes can be built from it. */
export interface Room {
  id: string;
  name: string;
  bars: Barbell[];
  plates: Plate[];
  dumbbells: Dumbbell[];
  kettlebells: Kettlebell[];
  stacks: Stack[];
  machines: Machine[];
  bands: Band[];
  /** What lifts are done at; null where nobody has said what stands there: then nothing is taken to lack. */
  furniture: Furniture[] | null;
}

/** A room without anything in it; nobody has said yet what stands there. */
export const emptyRoom = (id: string, name = 'New room'): Room => ({
  id,
  name,
  bars: [],
  plates: [],
  dumbbells: [],
  kettlebells: [],
  stacks: [],
  machines: [],
  bands: [],
  furniture: null,
});

/** Diameter that pulls from the floor are taught with, in millimetres. */
export const FULL_PLATE_MM = 450;
