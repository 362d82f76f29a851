/** A session of a lift in a block: a plateau. */
export interface Plateau {
  /** Height: its load in any unit; 0 where nothing is loaded. */
  load: number;
  /** Width: all its reps. */
  reps: number;
  state: 'done' | 'next' | 'coming' | 'missed';
  /** Chance that it goes as planned, 0 to 1; null where it is done or nothing is projected. */
  chance: number | null;
}

/** A week on the way: its sessions, or why it is a valley. */
export interface TerrainWeek {
  plateaus: readonly Plateau[];
  valley: string | null;
}

/** A plateau as it is drawn. */
export interface Placed extends Plateau {
  x: number;
  width: number;
  top: number;
}

/** The ground of a week. */
export interface PlacedWeek {
  x: number;
  width: number;
  valley: string | null;
  plateaus: Placed[];
}

const FLOOR_SHARE = 0.28;
const GAP = 4;

/**
 * Weeks side by side, each as wide as the others; in each its sessions, as wide as their reps. The lightest load stands at a
 * little over a quarter of the height, the heaviest at the top.
 */
export function placeTerrain(
  weeks: readonly TerrainWeek[],
  width: number,
  height: number,
): PlacedWeek[] {
  const loads = weeks.flatMap(({ plateaus }) => plateaus.map(({ load }) => load));
  const low = Math.min(...loads);
  const high = Math.max(...loads);
  const rise = (load: number) => (high > low ? (load - low) / (high - low) : 0.5);
  const topOf = (load: number) => height * (1 - FLOOR_SHARE) * (1 - rise(load));
  const each = width / Math.max(1, weeks.length);
  return weeks.map(({ plateaus, valley }, at) => {
    const x = at * each;
    const reps = plateaus.reduce((sum, plateau) => sum + Math.max(1, plateau.reps), 0);
    const room = each - GAP;
    let left = x + GAP / 2;
    const placed = plateaus.map((plateau) => {
      const wide = (room * Math.max(1, plateau.reps)) / reps;
      const at_ = { ...plateau, x: left, width: wide, top: topOf(plateau.load) };
      left += wide;
      return at_;
    });
    return { x, width: each, valley, plateaus: placed };
  });
}
