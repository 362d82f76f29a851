export { roomFromList, type ReadPart } from './list/room-from-list';
export { bar, bells, kg, machine, plates, stack, stands } from './parts';
export { isAsBegun, roomPresets } from './presets';
