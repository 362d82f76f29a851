import type { OwnLift } from '@spalo/core/technique';
import { findLift } from '@spalo/catalog';
import type { ChangeOf } from '../../../state/changes/changes';
import { changeWithBack } from '../../../state/changes/take-back';
import { newId } from '../../../state/log/ids';

/** An id of something that the studio makes, as logs name it for ever. */
export const ownId = () => `own-${newId()}`;

/** Whether something was made by the studio. */
export const isOwn = (id: string): boolean => id.startsWith('own-');

/** What is taught of a lift of the catalogue before the studio adds anything. */
export const nothingOwn = (liftId: string): OwnLift => ({
  id: newId(),
  liftId,
  added: null,
  styles: [],
  checkpoints: [],
  cues: [],
  hidden: [],
});

const put = ({ id, ...body }: OwnLift): ChangeOf<'putOwnLift'> => ({
  route: 'putOwnLift',
  args: { params: { id }, body },
});
const remove = ({ id }: OwnLift): ChangeOf<'deleteOwnLift'> => ({
  route: 'deleteOwnLift',
  args: { params: { id } },
});
const nameOf = ({ added, liftId }: OwnLift) => added?.name ?? findLift(liftId)?.name ?? liftId;

/** Keeps what the studio teaches of a lift, with the way back to what it taught before; on this device until the server has it. */
export const putOwnLift = (own: OwnLift, before: OwnLift | null) =>
  changeWithBack(put(own), `${nameOf(own)} changed`, before ? put(before) : remove(own));

/** Teaches a lift as the catalogue does again. */
export const deleteOwnLift = (own: OwnLift) =>
  changeWithBack(remove(own), `${nameOf(own)} as the catalogue has it`, put(own));

/** The same without one of its own cues, checkpoints (with the cues at it) or styles (with all that is only in it). */
export const withoutOwn = (own: OwnLift, id: string): OwnLift => ({
  ...own,
  styles: own.styles.filter((style) => style.id !== id),
  checkpoints: own.checkpoints.filter((point) => point.id !== id && point.styleId !== id),
  cues: own.cues
    .filter((cue) => cue.id !== id && cue.checkpointId !== id)
    .map((cue) => ({ ...cue, styleIds: cue.styleIds.filter((each) => each !== id) }))
    .filter(({ styleIds }) => styleIds.length > 0),
});

/** The same with something of the catalogue hidden, or shown again. */
export const withHidden = (own: OwnLift, id: string): OwnLift => ({
  ...own,
  hidden: own.hidden.includes(id) ? own.hidden.filter((each) => each !== id) : [...own.hidden, id],
});

/** Adds something to a list, or puts it in the place of the one with its id. */
export const placed = <T extends { id: string }>(list: readonly T[], item: T): T[] =>
  list.some(({ id }) => id === item.id)
    ? list.map((each) => (each.id === item.id ? item : each))
    : [...list, item];
