import { handlingApart, shareBar, type SharedOrder } from '@spalo/core/loading';
import { plateImplement, type LoadWindow } from '@spalo/core/plates';
import type { Implement, Plate, Room } from '@spalo/core/room';
import { steadyRoom } from './steady-room';

/** Sets that a client has still to do on a shared bar, and the plates that their own plan gives each. */
export interface Sharer {
  liftId: string;
  windows: LoadWindow[];
  stacks: Plate[][];
}

interface Sharing {
  room: Room;
  implement: Implement;
  sharers: [Sharer, Sharer];
  first: 0 | 1;
  standing: Plate[];
}

const windowed = ({ windows }: Sharer) => windows.map((window) => ({ window }));

export const sharedBarTasks = {
  /** Two clients on one bar: the common order, and what both plans as they are would take. */
  share({ room, implement, sharers, first, standing }: Sharing): SharedOrder & { apart: number } {
    const bar = plateImplement(steadyRoom(room), implement);
    if (!bar) throw new RangeError('This bar is not in the room');
    const [one, other] = sharers;
    const order = shareBar(bar, [windowed(one), windowed(other)], first, standing);
    return { ...order, apart: handlingApart([one.stacks, other.stacks], first, standing) };
  },
};
