import type { Implement, Room } from '@spalo/core/room';
import { massText } from '@spalo/core/unit';

/** An implement as a room calls it. */
export function implementName(implement: Implement, room: Room): string {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      return bar ? `${bar.name} ${massText(bar.massG, bar.unit)}` : 'Bar';
    }
    case 'machine':
      return room.machines.find((each) => each.id === implement.machineId)?.name ?? 'Machine';
    case 'stack':
    case 'assisted':
      return room.stacks.find((each) => each.id === implement.stackId)?.name ?? 'Stack';
    case 'dumbbell':
      return 'Dumbbells';
    case 'kettlebell':
      return 'Kettlebells';
    case 'body':
      return 'Bodyweight';
  }
}
