import type { Loads } from '../../loads/loads';
import { handlingBetween } from '../../plates/handling';
import type { LoadWindow } from '../../plates/plate-implement';
import type { Loadable } from '../../room/implement';

interface Way {
  load: Loadable;
  moves: number;
  off: number;
  before: Way | null;
}

const better = (a: Way, b: Way) => (a.moves - b.moves || a.off - b.off) < 0;

/**
 * The least handling through windows for what is not loaded with plates: bells are fetched, pins and add-ons moved;
 * then the nearest to the ideals. Exact: every load of a window is tried after every load of the one before. Throws
 * RangeError where a window holds no load.
 */
export function lightPath(loads: Loads, windows: readonly LoadWindow[]): Loadable[] {
  let layer: Way[] | null = null;
  for (const { lowG, highG, idealG } of windows) {
    const before: Way[] | null = layer;
    layer = loads
      .all()
      .filter((load) => load.loadG >= lowG && load.loadG <= highG)
      .map((load): Way => {
        const off = Math.abs(load.loadG - idealG);
        const froms: readonly (Way | null)[] = before ?? [null];
        const ways = froms.map((way): Way => ({
          load,
          moves: (way?.moves ?? 0) + handlingBetween(way?.load.build ?? null, load.build).moves,
          off: (way?.off ?? 0) + off,
          before: way,
        }));
        return ways.reduce((best, way) => (better(way, best) ? way : best));
      });
    if (layer.length === 0) throw new RangeError('A window holds no load that exists');
  }
  if (!layer) return [];
  const path: Loadable[] = [];
  let way: Way | null = layer.reduce((best, each) => (better(each, best) ? each : best));
  for (; way; way = way.before) path.unshift(way.load);
  return path;
}
