import type { Template } from '@spalo/contract';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';

const put = ({ id, ...body }: Template): ChangeOf<'putTemplate'> => ({
  route: 'putTemplate',
  args: { params: { id }, body },
});
const remove = ({ id }: Template): ChangeOf<'deleteTemplate'> => ({
  route: 'deleteTemplate',
  args: { params: { id } },
});

/** Keeps a session or a block in the studio, with the way back; kept on the device until the server has it. */
export const putTemplate = (template: Template, before: Template | null) =>
  changeWithBack(put(template), `${template.name} kept`, before ? put(before) : remove(template));

export const removeTemplate = (template: Template) =>
  changeWithBack(remove(template), `${template.name} removed`, put(template));
