import type { Room } from '@spalo/core/room';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';

const put = ({ id, ...body }: Room): ChangeOf<'putRoom'> => ({
  route: 'putRoom',
  args: { params: { id }, body },
});
const remove = (id: string): ChangeOf<'deleteRoom'> => ({
  route: 'deleteRoom',
  args: { params: { id } },
});

/** Keeps a room as it is now, with the way back to what it was (to none, where it is new); on this device until the server has it. */
export const putRoom = (room: Room, before: Room | null) =>
  changeWithBack(
    put(room),
    before ? `${room.name} changed` : `${room.name} begun`,
    before ? put(before) : remove(room.id),
  );

export const deleteRoom = (room: Room) =>
  changeWithBack(remove(room.id), `${room.name} removed`, put(room));
