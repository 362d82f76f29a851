import type { Grams, Unit } from './mass';

/** A plate kind in stock. `count` is single plates; bars use them in pairs. */
export interface Plate {
  id: string;
  massG: Grams;
  unit: Unit;
  count: number;
  diameterMm: number;
  thicknessMm: number;
}

/** A straight bar. `sleeveMm` is the usable length of one sleeve. */
export interface Barbell {
  id: string;
  name: string;
  massG: Grams;
  unit: Unit;
  sleeveMm: number;
}

/** Dumbbells of one mass. `count` 1 is a single, 2 a pair. */
export interface Dumbbell {
  id: string;
  massG: Grams;
  unit: Unit;
  count: number;
}

/** The equipment of one place. Everything Spalo proposes can be built from it. */
export interface Room {
  id: string;
  name: string;
  bars: Barbell[];
  plates: Plate[];
  dumbbells: Dumbbell[];
}
