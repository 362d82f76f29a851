import type { Loadable } from '../room/implement';
import type { Kettlebell, Room } from '../room/room';
import { barLoads } from './bars';
import { listed, merged, type Loads } from './loads';

/** Bells of the list first, then what adjustable handles add. */
export function dumbbellLoads(room: Room, hands: 1 | 2): Loads {
  const bells = room.dumbbells
    .filter((dumbbell) => dumbbell.count >= hands)
    .map((dumbbell): Loadable => ({
      loadG: dumbbell.massG,
      build: { kind: 'dumbbell', dumbbell, hands },
    }));
  const handles = room.bars
    .filter((bar) => bar.kind === 'handle' && bar.count >= hands)
    .map((bar) => barLoads(bar, room.plates, hands));
  return merged([listed(bells), ...handles]);
}

/** The bells of the list. */
export function kettlebellLoads(kettlebells: readonly Kettlebell[], hands: 1 | 2): Loads {
  return listed(
    kettlebells
      .filter((kettlebell) => kettlebell.count >= hands)
      .map((kettlebell) => ({
        loadG: kettlebell.massG,
        build: { kind: 'kettlebell', kettlebell, hands },
      })),
  );
}
