import type { Build, Implement } from '../room/implement';
import type { Plate, Room } from '../room/room';
import type { Grams } from '../unit/mass';
import { barSleeve } from './bar-sleeve';
import { platePath } from './path';
import { perhaps, plateImplement } from './plate-implement';

/**
 * How a load that exists is built with the least handling from what stands on the implement; null where it is not
 * loaded with plates, or the load does not exist.
 */
export function restack(
  room: Room,
  implement: Implement,
  loadG: Grams,
  standing: readonly Plate[],
): Build | null {
  const taking = plateImplement(room, implement);
  if (!taking) return null;
  const side = (loadG - taking.emptyG) / taking.times;
  const { plates, share, sleeveMm } = taking.stock;
  if (implement.kind === 'barbell') {
    const bar = room.bars.find((each) => each.id === implement.barId)!;
    if (barSleeve(bar, room.plates).atOrBelow(side) !== side) return null;
  }
  const target = { lowG: side, highG: side, idealG: side };
  const path = perhaps(() => platePath([target], { plates, share, sleeveMm }, standing));
  return path && taking.build(path.stacks[0]!);
}
