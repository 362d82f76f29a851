import type { Room } from '@spalo/core';
import { journal } from '../../state/device';

/** Keeps a room as it is now; on this device until the server has it. */
export function putRoom({ id, ...body }: Room) {
  return journal.change({ route: 'putRoom', args: { params: { id }, body } });
}

export const deleteRoom = (id: string) =>
  journal.change({ route: 'deleteRoom', args: { params: { id } } });
