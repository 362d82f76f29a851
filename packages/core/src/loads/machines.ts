import { fitting } from '../plates/bar-sleeve';
import { sleeveOf } from '../plates/sleeve';
import type { Machine, Plate } from '../room/room';
import { plated, type Loads } from './loads';

/** The loads of a plate-loaded machine, sled or rail bar, its own mass included. */
export function machineLoads(machine: Machine, plates: readonly Plate[]): Loads {
  const sleeve = sleeveOf(fitting(plates, machine.fits), machine.horns, machine.sleeveMm);
  return plated(sleeve, machine.massG, machine.horns, (perSide) => ({
    kind: 'machine',
    machine,
    perSide,
  }));
}
