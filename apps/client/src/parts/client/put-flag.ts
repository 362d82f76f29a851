import { amid } from '@spalo/core/unit';
import type { Flag } from '@spalo/core/person';
import type { Pain } from '@spalo/core/session';
import { painWords } from '../words/pain-words';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';

/** The change that keeps a flag of a client. */
export const flagChange = (clientId: string, { id, ...body }: Flag): ChangeOf<'putFlag'> => ({
  route: 'putFlag',
  args: { params: { id: clientId, flagId: id }, body },
});

/** The same, and the way back: to the flag as it was, or to none. */
export const changeFlag = (clientId: string, flag: Flag, says: string, before?: Flag) =>
  changeWithBack(
    flagChange(clientId, flag),
    says,
    flagChange(clientId, before ?? { ...flag, state: 'removed' }),
  );

const ON_FLOOR = 'reported on the floor';

/** The red flag that a report on the floor raises: nothing loaded until a clinician has cleared it. */
export const redFlagOf = (
  id: string,
  place: Flag['place'],
  pain: Pain,
  { liftName, day }: { liftName: string; day: string },
): Flag => ({
  id,
  place,
  side: pain.side,
  note: `${amid(painWords(pain))}, during ${liftName}`,
  fine: '',
  since: day,
  saidBy: ON_FLOOR,
  state: 'new',
  usualPain: 0,
});

/** The same flag after the report that raised it was taken back, or stands again. */
export const flagAfter = (flag: Flag, withdrawn: boolean): Flag =>
  withdrawn
    ? { ...flag, state: 'closed', saidBy: 'a wrong tap' }
    : { ...flag, state: 'new', saidBy: ON_FLOOR };
